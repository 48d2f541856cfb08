/**
 * What was asked cannot be computed as it was asked: an unknown ingredient, a family that the limits leave nothing of.
 * Its message is for the cook. Whatever else is thrown is a fault of the computation.
 */
export class Refusal extends RangeError {
  override readonly name = 'Refusal';
}
