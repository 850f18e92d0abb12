import { Int, Num, Ref, Said } from './decorators.js';

/** What one thing of a kind uses up while it works. */
export class UsesUp {
  @Said('Of the kind') @Ref() kind!: string;
  @Said('At once', 'pieces') @Int(1, 100) count!: number;
  /** How long so many last, h. */
  @Said('Lasting', 'h') @Num(0.05, 10000) hours!: number;
}
