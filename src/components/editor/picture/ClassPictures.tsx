'use client';

import { pictureAddress } from '../../../core/document/pictureAddress';
import type { Editor } from '@tiptap/react';
import { useTranslations } from 'next-intl';
import { Dialog } from 'radix-ui';
import { useEffect, useRef, useState } from 'react';
import { listClassPictures } from '../../../contract/pictures/listClassPictures';
import type { ClassPicture } from '../../../core/posts/classPicture';
import { call } from '../../basics/call';
import { Field } from '../../basics/Field';
import { useAsking } from '../../basics/useAsking';
import { PictureFinder } from '../../pictures/PictureFinder';
import { PictureLines } from '../../pictures/PictureLines';
import { useLooking } from '../addresses/LookingContext';
import { UploadLine } from '../UploadLine';
import type { PictureUpload } from '../usePictureUpload';
import { copyFromAddress } from './copyFromAddress';
import { firstPlace, putPicture } from './putPicture';
import { SidePicker } from './SidePicker';
import { useWriterName } from './WriterNameContext';

interface ClassPicturesProps {
  readonly editor: Editor;
  readonly pictures: PictureUpload;
  readonly open: boolean;
  readonly onClose: () => void;
  /** In per cent of the text, for pictures that are put in. */
  readonly firstWidth: number;
}

/** Every picture that the class can use, ways to bring new ones, and how the chosen one will stand in the post. */
export function ClassPictures({ editor, pictures, open, onClose, firstWidth }: ClassPicturesProps) {
  const t = useTranslations('pictures');
  const [listed, setListed] = useState<readonly ClassPicture[] | null>(null);
  const [chosen, setChosen] = useState<ClassPicture | null>(null);
  const { classId } = useLooking();
  const chosenOne = useRef<HTMLElement>(null);
  useEffect(() => {
    // Where the chosen one stands in the place of all, what was pressed is gone.
    if (chosen && document.activeElement?.checkVisibility() === false) chosenOne.current?.focus();
  }, [chosen]);
  useEffect(() => {
    if (!open) return;
    void call(listClassPictures, { classId }).then((outcome) =>
      setListed(outcome.ok ? outcome.value.pictures : []),
    );
  }, [open, classId]);
  return (
    <Dialog.Root open={open} onOpenChange={(shown) => (shown ? null : onClose())}>
      <Dialog.Portal>
        <Dialog.Overlay className="scrim !z-40" />
        <Dialog.Content
          className={chosen ? 'picture-tray has-chosen' : 'picture-tray'}
          aria-describedby={undefined}
        >
          <section className="min-w-0 overflow-auto p-6">
            <Dialog.Title className="mb-3 font-read text-[24px] font-semibold">
              {listed ? t('says', { count: listed.length }) : t('looking')}
            </Dialog.Title>
            <BringPictures editor={editor} pictures={pictures} onDone={onClose} />
            {listed ? (
              <PictureFinder pictures={listed}>
                {(found) => (
                  <PictureLines pictures={found} chosen={chosen?.id ?? null} onChoose={setChosen} />
                )}
              </PictureFinder>
            ) : null}
          </section>
          <section
            ref={chosenOne}
            tabIndex={-1}
            className="chosen-one min-w-0 overflow-auto p-6 outline-none"
            aria-label={t('chosenOne')}
          >
            {chosen ? (
              <Chosen
                key={chosen.id}
                picture={chosen}
                firstWidth={firstWidth}
                onPut={(picture) => {
                  pictures.know(chosen.id, chosen.perceptualHash);
                  onClose();
                  // The closed tray gives the focus back first.
                  setTimeout(() => putPicture(editor, picture));
                }}
              />
            ) : (
              <p className="text-ink-2">{t('chooseFirst')}</p>
            )}
            <p className="mt-4 flex gap-5">
              {chosen ? (
                <button type="button" className="act back-to-all" onClick={() => setChosen(null)}>
                  {t('another')}
                </button>
              ) : null}
              <Dialog.Close className="act">{t('lower')}</Dialog.Close>
            </p>
          </section>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

interface ChosenProps {
  readonly picture: ClassPicture;
  readonly firstWidth: number;
  readonly onPut: (picture: Parameters<typeof putPicture>[1]) => void;
}

/** The chosen picture with its words, which can be changed before it is put in; its credit is kept. */
function Chosen({ picture, firstWidth, onPut }: ChosenProps) {
  const t = useTranslations('pictures');
  const texts = useTranslations('editor.picture');
  const writerName = useWriterName();
  const [caption, setCaption] = useState('');
  const [description, setDescription] = useState(picture.description);
  const [place, setPlace] = useState(firstPlace(firstWidth));
  const credit = picture.credit || t('pictureBy', { name: picture.own ? writerName : picture.by });
  return (
    <div className="grid gap-3">
      <img src={pictureAddress(picture.id, 480)} alt={picture.description} className="w-full rounded" />
      <p className="text-[14px] text-ink-2">{credit}</p>
      <Field label={t('caption')} value={caption} maxLength={300} onText={setCaption} />
      <Field label={texts('description')} value={description} maxLength={500} onText={setDescription} />
      <SidePicker {...place} onPick={setPlace} />
      <span>
        <button
          type="button"
          className="btn go"
          onClick={() =>
            onPut({ src: picture.id, caption, credit, description, licence: picture.licence, ...place })
          }
        >
          {t('putIn')}
        </button>
      </span>
    </div>
  );
}

interface BringPicturesProps {
  readonly editor: Editor;
  readonly pictures: PictureUpload;
  readonly onDone: () => void;
}

/** New pictures: from this device, from its camera, or from a web address. */
function BringPictures({ editor, pictures, onDone }: BringPicturesProps) {
  const t = useTranslations('pictures');
  const files = useRef<HTMLInputElement>(null);
  const camera = useRef<HTMLInputElement>(null);
  const take = (list: FileList | null) => {
    const chosen = [...(list ?? [])];
    if (chosen.length === 0) return;
    onDone();
    void pictures.add(editor, chosen);
  };
  return (
    <div
      className="mb-5 grid gap-2 border-2 border-dashed border-edge px-4 py-3"
      onDragOver={(event) => event.preventDefault()}
      onDrop={(event) => {
        event.preventDefault();
        take(event.dataTransfer.files);
      }}
    >
      <p className="flex flex-wrap items-center gap-x-5 gap-y-2">
        <b className="hidden sm:inline">{t('drop')}</b>
        <button type="button" className="act" onClick={() => files.current?.click()}>
          {t('fromDevice')}
        </button>
        <button type="button" className="act" onClick={() => camera.current?.click()}>
          {t('camera')}
        </button>
      </p>
      <input
        ref={files}
        type="file"
        accept="image/*"
        multiple
        hidden
        aria-label={t('fromDevice')}
        onChange={(event) => take(event.target.files)}
      />
      <input
        ref={camera}
        type="file"
        accept="image/*"
        capture="environment"
        hidden
        aria-label={t('camera')}
        onChange={(event) => take(event.target.files)}
      />
      <UploadLine pictures={pictures} />
      <FromAddress editor={editor} know={pictures.know} onDone={onDone} />
    </div>
  );
}

/** A picture from the web, copied here, with its address as its source. */
function FromAddress({
  editor,
  know,
  onDone,
}: {
  readonly editor: Editor;
  readonly know: PictureUpload['know'];
  readonly onDone: () => void;
}) {
  const t = useTranslations('pictures');
  const { classId } = useLooking();
  const [address, setAddress] = useState('');
  const { busy, problem, wait } = useAsking();
  const copy = async () => {
    const outcome = await wait(copyFromAddress(classId, address));
    if (!outcome.ok) return undefined;
    know(outcome.value.pictureId, outcome.value.perceptualHash);
    onDone();
    return setTimeout(() => putPicture(editor, { src: outcome.value.pictureId, credit: address }));
  };
  return (
    <form
      className="flex flex-wrap items-end gap-3"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        void copy();
      }}
    >
      <span className="min-w-56 flex-1">
        <Field
          label={t('fromAddress')}
          inputMode="url"
          placeholder="https://"
          value={address}
          problem={problem}
          onText={setAddress}
        />
      </span>
      <button className="btn" disabled={busy || !address.trim()}>
        {t(busy ? 'copying' : 'copy')}
      </button>
    </form>
  );
}
