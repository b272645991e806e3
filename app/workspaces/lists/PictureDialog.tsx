import { useEffect, useId, useState } from 'react';
import { Button, Modal } from 'react-bootstrap';
import { NO_PICTURE, readPicture } from '~/ui/read-picture';
import { Picture } from '~/ui/Picture';
import { t } from '~/phrases/t';

interface IndexEntry {
  readonly icon: string;
  readonly name: string;
  readonly tags: string;
}

let index: Promise<readonly IndexEntry[]> | undefined;

/** The names of all pictures, fetched once. */
function pictureIndex(): Promise<readonly IndexEntry[]> {
  index ??= fetch('/pictures/index.json').then((response) => {
    if (!response.ok) throw new Error(t('lists.thePicturesCouldNotBe'));
    return response.json() as Promise<readonly IndexEntry[]>;
  });
  return index;
}

const MOST_FOUND = 48;
/** A picture of one's own is made this large at most, so that lists stay light. */
const LARGEST_SIDE = 320;

/** Pictures whose name, then whose tags, have the words. */
function search(entries: readonly IndexEntry[], text: string): IndexEntry[] {
  const wanted = text.toLowerCase().trim();
  if (wanted === '') return entries.slice(0, MOST_FOUND);
  const word = new RegExp(`(^|[^a-z])${wanted.replace(/[^a-z0-9 ]/g, '')}`);
  const named = entries.filter((each) => word.test(each.name.toLowerCase()));
  const tagged = entries.filter((each) => !named.includes(each) && word.test(each.tags));
  return [...named, ...tagged].slice(0, MOST_FOUND);
}

export interface PictureDialogProps {
  readonly word: string;
  readonly onChoose: (picture: string) => void;
  readonly onClose: () => void;
}

/** Another picture for a word: found by name, one's own, or none. */
export function PictureDialog({ word, onChoose, onClose }: PictureDialogProps) {
  const id = useId();
  const [text, setText] = useState(word);
  const [entries, setEntries] = useState<readonly IndexEntry[]>([]);
  const [problem, setProblem] = useState('');
  useEffect(() => {
    pictureIndex()
      .then(setEntries)
      .catch((error: unknown) => setProblem((error as Error).message));
  }, []);
  const found = search(entries, text);
  const choose = (picture: string) => {
    onChoose(picture);
    onClose();
  };
  const readOwn = async (file: File | undefined) => {
    if (!file) return;
    try {
      choose((await readPicture(file, { side: LARGEST_SIDE })).picture);
    } catch {
      setProblem(NO_PICTURE);
    }
  };
  return (
    <Modal show onHide={onClose} size="lg" aria-labelledby={`${id}-title`} scrollable>
      <Modal.Header closeButton closeLabel="Close">
        <Modal.Title as="h2" id={`${id}-title`} className="h4">
          {t('lists.aPictureFor')} <span className="learner-text">{word}</span>
        </Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <div className="d-flex flex-wrap gap-2 align-items-end mb-3">
          <label className="flex-fill">
            {t('lists.lookFor')}
            <input
              className="form-control"
              value={text}
              maxLength={60}
              onChange={(event) => setText(event.currentTarget.value)}
            />
          </label>
          <label className="btn btn-outline-dark">
            {t('lists.myOwnPicture')}
            <input
              type="file"
              className="visually-hidden"
              accept="image/*"
              onChange={(event) => void readOwn(event.currentTarget.files?.[0])}
            />
          </label>
          <Button variant="outline-dark" onClick={() => choose('none')}>
            {t('lists.noPicture')}
          </Button>
          <Button variant="outline-dark" onClick={() => choose('')}>
            {t('lists.theUsualOne')}
          </Button>
        </div>
        {problem && (
          <p className="message" role="alert">
            {problem}
          </p>
        )}
        <p className="visually-hidden" role="status">
          {t('lists.picturesFound', { found: found.length })}
        </p>
        {found.length === 0 && entries.length > 0 && <p>{t('lists.noPictureByThatName')}</p>}
        <ul className="picture-grid">
          {found.map((entry) => (
            <li key={entry.icon}>
              <button type="button" onClick={() => choose(entry.icon)} title={entry.name}>
                <Picture picture={entry.icon} size="3rem" name={entry.name} />
              </button>
            </li>
          ))}
        </ul>
      </Modal.Body>
    </Modal>
  );
}
