import { testMaker } from '../../testing/maker-properties';
import { makers } from '.';

makers.filter((maker) => maker.group === 'Sounds and spelling').forEach(testMaker);
