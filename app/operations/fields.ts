/** The fields of what a screen asks for, each validated in one line. */
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNotEmpty,
  IsObject,
  IsOptional,
  IsString,
  Max,
  MaxLength,
  Min,
} from 'class-validator';
import { t } from '~/phrases/t';
import { locale } from '~/phrases/interface-language';

const all =
  (...decorators: readonly PropertyDecorator[]): PropertyDecorator =>
  (target, name) =>
    decorators.forEach((decorate) => decorate(target, name));

const short = (longest: number) =>
  MaxLength(longest, {
    message: t('change.thisCanHaveLettersAt', { longest: longest.toLocaleString(locale) }),
  });

export const Text = (longest: number) => all(IsString(), short(longest));
export const Name = (longest = 300) =>
  all(IsString(), IsNotEmpty({ message: t('change.thisCannotBeEmpty') }), short(longest));
export const Word = () => Name(80);
export const Id = () => Name(120);
export const Whole = (least: number, most: number) => all(IsInt(), Min(least), Max(most));
export const OneOf = (values: readonly unknown[]) => IsIn([...values]);
export const Yes = () => IsBoolean();
/** Fields of a record: what they may be is checked when the record is. */
export const Fields = () => IsObject();
export const Texts = (most: number) => all(IsArray(), IsString({ each: true }), ArrayMaxSize(most));
export const List = (most: number) => all(IsArray(), ArrayMaxSize(most));
export const Maybe = () => IsOptional();
