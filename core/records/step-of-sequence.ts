/** A validation: the step a class stands at must be one of its sequence. */
import { registerDecorator, type ValidationArguments } from 'class-validator';
import { sequenceOf } from '../classes/class-sequence';
import type { ClassProfile } from '../classes/class-profile';

const stepsOf = (object: object) => sequenceOf(object as ClassProfile)?.steps.length ?? 0;

/** The number is at most the number of steps in the class's sequence. */
export function IsStepOfSequence() {
  return (target: object, propertyName: string) => {
    registerDecorator({
      name: 'isStepOfSequence',
      target: target.constructor,
      propertyName,
      validator: {
        validate: (value: unknown, { object }: ValidationArguments) =>
          typeof value !== 'number' || value <= stepsOf(object),
        defaultMessage: ({ object }: ValidationArguments) =>
          `The sequence has ${stepsOf(object)} steps.`,
      },
    });
  };
}
