/** What a maker can be asked, drawn from what it declares: one piece of the panel for each kind of parameter. */
import { makerInfo, parametersOf } from '~core/exercises/catalogue';
import { commonParameters } from '~core/exercises/making/common-parameters';
import {
  isShown,
  type ListParameter,
  type NumberParameter,
  type Parameter,
  type TextParameter,
} from '~core/exercises/making/parameters';
import { Toggle } from '~/ui/Toggle';
import type { PanelProps } from './panel-props';
import { Choice } from './Choice';
import { InkChoice, RulingChoices } from './Handwriting';
import { LeftField } from './LeftField';
import { PicturePlaces } from './PicturePlaces';
import { ScenePicture } from './ScenePicture';
import { SectionChoice, TextChoice } from './TextChoice';
import { t } from '~/phrases/t';
import { coreName } from '~/phrases/core-name';

interface PieceProps<Of extends Parameter = Parameter> extends PanelProps {
  readonly name: string;
  readonly parameter: Of;
}

function NumberChoice({ open, onSet, name, parameter }: PieceProps<NumberParameter>) {
  const { label, usual, offered, unit } = parameter;
  const stored = open.part.parameters[name] as number | undefined;
  const value = stored ?? usual;
  const numbers = [...new Set([...offered, ...(value === undefined ? [] : [value])])].sort(
    (left, right) => left - right,
  );
  return (
    <Choice
      name={label}
      value={value ?? ''}
      options={[
        ...(usual === undefined ? [['', t('lesson.asManyAsUsual')] as const] : []),
        ...numbers.map((each) => [each, unit ? `${each} ${unit}` : String(each)] as const),
      ]}
      onChoose={(chosen, said) =>
        onSet({ [name]: chosen === '' ? null : Number(chosen) }, `${label}: ${said}`)
      }
    />
  );
}

function TextPiece({ open, onSet, name, parameter }: PieceProps<TextParameter>) {
  const { label, lines, longest } = parameter;
  const value = (open.part.parameters[name] as string | undefined) ?? '';
  return (
    <LeftField
      label={label}
      lines={lines}
      longest={longest}
      value={value}
      onSave={(text) =>
        onSet({ [name]: text.trim() || null }, t('lesson.changed', { label: label.toLowerCase() }))
      }
    />
  );
}

/** Words between commas, or sentences one a line. */
function ListPiece({ open, onSet, name, parameter }: PieceProps<ListParameter>) {
  const { label, kind } = parameter;
  const between = kind === 'words' ? ', ' : '\n';
  const { task } = open.exercise;
  // Words that the maker chose are shown, so that they can be changed.
  const chosen = task.interaction === 'write' ? (task.items[0]?.checks?.words ?? []) : [];
  const stored = open.part.parameters[name] as readonly string[] | undefined;
  const value = (stored ?? (kind === 'words' ? chosen : [])).join(between);
  return (
    <LeftField
      label={label}
      lines={kind === 'words' ? 1 : 3}
      value={value}
      onSave={(text) => {
        const list = text
          .split(kind === 'words' ? ',' : '\n')
          .map((each) => each.trim())
          .filter((each) => each !== '');
        onSet(
          { [name]: list.length === 0 && kind === 'sentences' ? null : list },
          t('lesson.changed', { label: label.toLowerCase() }),
        );
      }}
    />
  );
}

function Piece(props: PieceProps) {
  const { open, onSet, name, parameter } = props;
  const stored = open.part.parameters[name];
  switch (parameter.kind) {
    case 'choice':
      return (
        <Choice
          name={parameter.label}
          value={(stored as string | undefined) ?? parameter.usual}
          options={parameter.options}
          onChoose={(value, said) => onSet({ [name]: value }, `${parameter.label}: ${said}`)}
        />
      );
    case 'open choice':
      return (
        <Choice
          name={parameter.label}
          value={(stored as string | undefined) ?? ''}
          options={[['', parameter.open], ...parameter.options]}
          onChoose={(value, said) =>
            onSet({ [name]: value || null }, `${parameter.label}: ${said}`)
          }
        />
      );
    case 'flag':
      return (
        <Toggle
          name={parameter.label}
          checked={(stored as boolean | undefined) ?? parameter.usual}
          onChange={(value) =>
            onSet({ [name]: value }, `${parameter.label}: ${value ? 'on' : 'off'}`)
          }
        />
      );
    case 'number':
      return <NumberChoice {...props} parameter={parameter} />;
    case 'text':
      return <TextPiece {...props} parameter={parameter} />;
    case 'words':
    case 'sentences':
      return <ListPiece {...props} parameter={parameter} />;
    case 'text of the class':
      return <TextChoice label={parameter.label} open={open} onSet={onSet} />;
    case 'section':
      return <SectionChoice label={parameter.label} open={open} onSet={onSet} />;
    case 'picture':
      return <ScenePicture label={parameter.label} name={name} open={open} onSet={onSet} />;
    case 'places on the picture':
      return <PicturePlaces label={parameter.label} name={name} open={open} onSet={onSet} />;
    case 'ruling':
      return <RulingChoices name={name} open={open} onSet={onSet} />;
    case 'inks':
      return <InkChoice label={parameter.label} name={name} open={open} onSet={onSet} />;
    case 'given':
      return null;
  }
}

/** What a parameter and its choices are called in the language of the interface. */
function inWords(parameter: Parameter): Parameter {
  const called = {
    ...parameter,
    ...('label' in parameter && { label: coreName(parameter.label) }),
  };
  if (!('options' in called)) return called;
  const options = called.options.map(([value, text]) => [value, coreName(text)] as const);
  return 'open' in called
    ? { ...called, options, open: coreName(called.open) }
    : { ...called, options };
}

/** What the maker of the open exercise asks for besides its words. */
export function MakerPanel({ open, onSet }: PanelProps) {
  const info = makerInfo(open.part.maker);
  const declared = parametersOf(info);
  const own = Object.entries(info?.parameters ?? {}).filter(
    ([name]) => !(name in commonParameters),
  );
  return own
    .filter(([, parameter]) => isShown(parameter, open.part.parameters, declared))
    .map(([name, parameter]) => (
      <Piece key={name} name={name} parameter={inWords(parameter)} open={open} onSet={onSet} />
    ));
}
