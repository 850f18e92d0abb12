/** How somebody is reached, as far as whoever looks is sent it. */
import type { Person } from '@idle-satchel/core';

/** Whether anything is known of how somebody is reached, or of what whoever leads should know. */
export const isReached = ({ phone, mail, note }: Person): boolean => (phone ?? mail ?? note) !== undefined;
