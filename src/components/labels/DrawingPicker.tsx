'use client';

import { ImageOff } from 'lucide-react';
import { useTranslations } from 'next-intl';
import { Popover, RadioGroup } from 'radix-ui';
import { useState } from 'react';
import { LABEL_DRAWINGS, type LabelDrawing as Drawing } from '../../core/labels/labelSet';
import { LabelDrawing } from './LabelDrawing';

interface DrawingPickerProps {
  readonly label: string;
  readonly drawing: Drawing | null;
  readonly onChoose: (drawing: Drawing | null) => void;
}

const NONE = 'none';

/** Chooses the small drawing beside a label, or none. */
export function DrawingPicker({ label, drawing, onChoose }: DrawingPickerProps) {
  const t = useTranslations('labels.drawing');
  const [open, setOpen] = useState(false);
  const nameOf = (one: Drawing | null) => (one ? t(`shows.${one}`) : t('none'));
  const choose = (value: string) => onChoose(LABEL_DRAWINGS.find((one) => one === value) ?? null);
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger asChild>
        <button
          type="button"
          className="btn !px-2.5"
          aria-label={t('choose', { label, drawing: nameOf(drawing) })}
        >
          <DrawingOrNone drawing={drawing} />
        </button>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          className="menu w-[356px] !p-3"
          sideOffset={4}
          collisionPadding={8}
          aria-label={t('all', { label })}
        >
          <RadioGroup.Root
            className="grid grid-cols-8 gap-1"
            value={drawing ?? NONE}
            onValueChange={choose}
            aria-label={t('all', { label })}
          >
            {[null, ...LABEL_DRAWINGS].map((one) => (
              <RadioGroup.Item
                key={one ?? NONE}
                value={one ?? NONE}
                className="drawing"
                aria-label={nameOf(one)}
                title={nameOf(one)}
                // Arrow keys choose as well, by a click that no pointer made.
                onClick={(event) => {
                  if (event.detail > 0) setOpen(false);
                }}
                onKeyDown={(event) => {
                  if (event.key === 'Enter') setOpen(false);
                }}
              >
                <DrawingOrNone drawing={one} />
              </RadioGroup.Item>
            ))}
          </RadioGroup.Root>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

function DrawingOrNone({ drawing }: { readonly drawing: Drawing | null }) {
  return drawing ? <LabelDrawing drawing={drawing} /> : <ImageOff aria-hidden="true" size={20} />;
}
