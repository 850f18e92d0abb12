/** People who help. */
import { Flag, Int, Many, Num, Optional, Ref, Text } from '../documents/decorators.js';
import { Person, Skill } from '../documents/people.js';
import { ChangeBase, MOST } from './made.js';

export class PersonLine extends Person {
  @Ref() id!: string;
  @Int(1, MOST) revision!: number;
}

export class PersonList {
  @Many(() => PersonLine, 100_000) people!: readonly PersonLine[];
}

/** What can be changed of a person; absent fields stay. */
export class PersonChange extends ChangeBase {
  @Optional() @Text(80, 1) name?: string;
  @Optional() @Many(() => Skill, 20) skills?: Skill[];
  @Optional() @Flag() young?: boolean;
  @Optional() @Num(0, 23) lift?: number;
}
