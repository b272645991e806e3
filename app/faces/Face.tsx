import type { ComponentType } from 'react';
import type { InteractionName, Task } from '~core/exercises/interactions';
import { BuildFace } from './build/BuildFace';
import { ChoiceFace } from './choice/ChoiceFace';
import { GapFace } from './gap/GapFace';
import type { FaceProps } from './kit/face-props';
import { MatchFace } from './match/MatchFace';
import { OrderFace } from './order/OrderFace';
import { PointFace } from './point/PointFace';
import { SortFace } from './sort/SortFace';
import { SpeakFace } from './speak/SpeakFace';
import { SpotFace } from './spot/SpotFace';
import { WriteFace } from './write/WriteFace';

/** A response of any interaction: by the ids of the items. */
export type AnyResponse = Readonly<Record<string, unknown>>;

type AnyFace = ComponentType<FaceProps<Task, AnyResponse>>;

/** Every interaction's face; a task and its response come together. */
const faces = {
  choice: ChoiceFace,
  gap: GapFace,
  match: MatchFace,
  order: OrderFace,
  sort: SortFace,
  spot: SpotFace,
  write: WriteFace,
  speak: SpeakFace,
  point: PointFace,
  build: BuildFace,
} as unknown as Readonly<Record<InteractionName, AnyFace>>;

/** A task as it is answered on a screen. */
export function Face(props: FaceProps<Task, AnyResponse>) {
  const Its = faces[props.task.interaction];
  return <Its {...props} />;
}
