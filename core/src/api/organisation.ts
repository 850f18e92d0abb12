/** The organisation that a browser works in. */
import { CURRENCIES, type Currency } from '../documents/money.js';
import { Many, OneOf, Optional, Text } from '../documents/decorators.js';
import { DATE_LOCALES, type DateLocale } from '../foundations/instants.js';
import { Made } from './made.js';

export class OrganisationName extends Made {
  @Text(80, 1) name!: string;
}

export class OrganisationInfo extends Made {
  @OneOf(['metric', 'imperial']) units!: 'metric' | 'imperial';
  @Optional() @OneOf(DATE_LOCALES) dates?: DateLocale;
  @Optional() @OneOf(CURRENCIES) currency?: Currency;
  @Many(() => OrganisationName) organisations!: readonly OrganisationName[];
}
