import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { addressesOf, archiveAddress } from '../../contract/addresses';

interface BookFilesProps {
  readonly classId: string;
  /** Whether who looks teaches the class for good. */
  readonly mayChange: boolean;
}

/** The ways in which a gradebook is taken along: as files, on paper, as sheets to talk about. */
export function BookFiles({ classId, mayChange }: BookFilesProps) {
  const t = useTranslations('gradebook');
  const at = addressesOf(classId);
  return (
    <>
      <a className="act" href={archiveAddress.ofGradebook(classId)} download>
        {t('csv')}
      </a>
      {mayChange ? (
        <a className="act" href={archiveAddress.ofOneRoster(classId)} download>
          {t('oneRoster')}
        </a>
      ) : null}
      <Link className="act" href={at.gradebookPrint} prefetch={false}>
        {t('printing.print')}
      </Link>
      <Link className="act" href={at.sheets} prefetch={false}>
        {t('sheets')}
      </Link>
    </>
  );
}
