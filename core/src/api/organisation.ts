/** The organisation that a browser works in. */
import { Many, OneOf, Text } from '../documents/decorators.js';
import { Made } from './made.js';

export class OrganisationName extends Made {
  @Text(80, 1) name!: string;
}

export class OrganisationInfo extends Made {
  @OneOf(['metric', 'imperial']) units!: 'metric' | 'imperial';
  @Many(() => OrganisationName) organisations!: readonly OrganisationName[];
}
