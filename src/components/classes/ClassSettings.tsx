'use client';

import { useTranslations } from 'next-intl';
import { AwayRuleForm } from './AwayRuleForm';
import { AddressForm } from './AddressForm';
import { DeskRuleForm, PressedHoursForm } from './DeskRuleForm';
import { NamesForm } from './NamesForm';
import { WordsForm } from './WordsForm';
import { YearForm } from './YearForm';
import type { ClassSettingsProps } from './classProps';

/** Everything about a class that is not its people or its privacy, each part kept on its own. */
export function ClassSettings(props: ClassSettingsProps) {
  const {
    classId,
    desk,
    away,
    words,
    names,
    address,
    origin,
    place,
    year,
    languages,
    timeZones,
    schoolSpan,
  } = props;
  const t = useTranslations('classSettings');
  return (
    <main className="page" id="main">
      <h1 className="says">{t('heading', { title: names.title })}</h1>
      <p className="under">{t('under', { address: `${origin}/blog/${address}` })}</p>
      <div className="mt-6 grid items-start gap-x-12 gap-y-10 lg:grid-cols-2">
        <NamesForm classId={classId} names={names} />
        <AddressForm key={address} classId={classId} address={address} origin={origin} />
        <YearForm {...{ classId, place, year, languages, timeZones }} />
        <WordsForm classId={classId} words={words} />
        <AwayRuleForm classId={classId} away={away} />
        <section className="grid gap-3">
          <h2 className="section-head">{t('desk.heading')}</h2>
          <DeskRuleForm classId={classId} desk={desk} rule="oneNextThing" />
          <DeskRuleForm classId={classId} desk={desk} rule="linksInSameTab" />
          <PressedHoursForm classId={classId} desk={desk} most={schoolSpan} />
        </section>
      </div>
    </main>
  );
}
