import { useTranslations } from 'next-intl';
import { PICTURE_WORDS } from '../../core/people/passcode';
import type { Card } from '../../contract/people/makePasscodes';
import { WordDrawing } from '../signIn/WordDrawing';
import { QrCode } from './QrCode';

interface SignInCardProps {
  readonly card: Card;
  readonly className: string;
  readonly code: string;
  readonly address: string;
}

/** One printed slip: the way to the class, its code, the child's name and passcode. */
export function SignInCard({ card, className, code, address }: SignInCardProps) {
  const t = useTranslations('cards');
  const words = useTranslations('signIn.words');
  return (
    <li className="sign-in-card" aria-label={t('cardOf', { name: card.name })}>
      <div className="sign-in-card-head">
        <span>
          <b>{card.name}</b>
          <span>{className}</span>
        </span>
        <QrCode text={address} label={t('qr')} />
      </div>
      <p>
        {t('go')} <b>{address.replace(/^https?:\/\//, '').replace(/\?.*$/, '')}</b>
      </p>
      <p>
        {t('code')} <b className="tracking-wider">{code}</b>
      </p>
      {card.kind === 'pictures' ? (
        <ol aria-label={t('pictures')}>
          {card.passcode.split(' ').map((sign, index) => {
            const word = PICTURE_WORDS.find((one) => one === sign);
            return word ? (
              <li key={index}>
                <WordDrawing word={word} size={44} />
                {words(word)}
              </li>
            ) : null;
          })}
        </ol>
      ) : (
        <p className="digits" aria-label={t('digits')}>
          {card.passcode}
        </p>
      )}
      <p className="keep">{t('keep')}</p>
    </li>
  );
}
