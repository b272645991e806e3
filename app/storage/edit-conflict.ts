import type { Conflict } from '~core/records/merge';
import { placeName } from '~core/records/patch';
import { ChangeError } from '~/operations/operation';
import { t } from '~/phrases/t';

/** Another tab changed the same meanwhile: it is for the teacher to choose. */
export class EditConflict extends ChangeError {
  override readonly name = 'EditConflict';

  constructor(
    readonly conflict: Conflict,
    /** An edit that carries this revision is saved over what is there now. */
    readonly revision: number,
  ) {
    super(t('storage.anotherTabChangedThisMeanwhile', { placeName: placeName(conflict.at) }));
  }
}
