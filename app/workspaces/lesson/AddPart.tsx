import { Dropdown } from 'react-bootstrap';
import { BsPlus, BsThreeDots } from 'react-icons/bs';
import { Link } from 'react-router';
import { stageNames, type LessonStage } from '~core/records/lesson';
import { MenuItem } from '~/ui/MenuItem';
import type { Send } from './built-part';
import { t } from '~/phrases/t';
import { coreName } from '~/phrases/core-name';

/** An exercise is chosen by seeing it; a sheet of one's own and a note stand beside. */
export function AddPart({
  lesson,
  stage,
  title,
  send,
}: {
  lesson: string;
  stage: LessonStage;
  title: string;
  send: Send;
}) {
  const name = coreName(stageNames[stage.id]);
  return (
    <div className="d-flex align-items-center gap-1">
      <Link
        className="btn btn-sm btn-link text-decoration-none px-1"
        to={`/lessons/${lesson}/add?stage=${stage.id}`}
        aria-label={t('lesson.addTo', { name })}
      >
        <BsPlus aria-hidden="true" /> {t('lesson.add')}
      </Link>
      <Dropdown>
        <Dropdown.Toggle
          as="button"
          type="button"
          bsPrefix="icon-button"
          aria-label={t('lesson.moreFor', { name })}
        >
          <BsThreeDots aria-hidden="true" />
        </Dropdown.Toggle>
        <Dropdown.Menu style={{ minWidth: '14rem' }} aria-label={t('lesson.moreFor', { name })}>
          <MenuItem onChoose={() => send({ intent: 'add-sheet', stage: stage.id, title })}>
            {t('lesson.aSheetOfMyOwn')}
            <br />
            <small className="text-wrap">{t('lesson.exercisesTextsWordBoxesPictures')}</small>
          </MenuItem>
          <MenuItem
            onChoose={() =>
              send({
                intent: 'add-part',
                stage: stage.id,
                maker: '',
                name: t('lesson.aNote'),
                words: [],
              })
            }
          >
            {t('lesson.aNoteToMyself')}
          </MenuItem>
        </Dropdown.Menu>
      </Dropdown>
    </div>
  );
}
