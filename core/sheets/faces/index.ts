/** Every interaction's face on paper and in the key; a new interaction is one more line here. */
import type { Task } from '../../exercises/exercise';
import type { Block } from '../paginate';
import type { SheetStyle } from '../style';
import { buildKey, buildPaper } from './build-face';
import { choiceKey, choicePaper } from './choice-face';
import type { Face } from './face';
import { gapKey, gapPaper } from './gap-face';
import { matchKey, matchPaper } from './match-face';
import { orderKey, orderPaper } from './order-face';
import { pointKey, pointPaper } from './point-face';
import { sortKey, sortPaper } from './sort-face';
import { speakKey, speakPaper } from './speak-face';
import { spotKey, spotPaper } from './spot-face';
import { writeKey, writePaper } from './write-face';

/** The learner's sheet of a task. */
export function paperFace(task: Task, style: SheetStyle, worked: boolean): Face {
  switch (task.interaction) {
    case 'sort':
      return sortPaper(task, style, worked);
    case 'gap':
      return gapPaper(task, style, worked);
    case 'choice':
      return choicePaper(task, style, worked);
    case 'match':
      return matchPaper(task, style, worked);
    case 'order':
      return orderPaper(task, style, worked);
    case 'speak':
      return speakPaper(task, style);
    case 'write':
      return writePaper(task, style, worked);
    case 'spot':
      return spotPaper(task, style, worked);
    case 'point':
      return pointPaper(task, style, worked);
    case 'build':
      return buildPaper(task, style);
  }
}

/** The key of a task. */
export function keyFace(task: Task, style: SheetStyle): Block[] {
  switch (task.interaction) {
    case 'sort':
      return sortKey(task, style);
    case 'gap':
      return gapKey(task, style);
    case 'choice':
      return choiceKey(task, style);
    case 'match':
      return matchKey(task, style);
    case 'order':
      return orderKey(task, style);
    case 'speak':
      return speakKey(task, style);
    case 'write':
      return writeKey(task, style);
    case 'spot':
      return spotKey(task, style);
    case 'point':
      return pointKey(task, style);
    case 'build':
      return buildKey(task, style);
  }
}
