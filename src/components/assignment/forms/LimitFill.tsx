'use client';
import { Clause } from './Clause';
import { CheckFill, NumberFill } from './fields';
import type { RequirementFormProps } from './formProps';
import { useMadeWords } from '../../basics/useMadeWords';

type Change = RequirementFormProps['change'];

interface LimitFillProps {
  readonly requirement: RequirementFormProps['requirement'];
  readonly setting: string;
  /** A key beside the kind's form in the catalogue: what is read out for the field. */
  readonly label: string;
  readonly change: Change;
}

/** A whole number that a requirement's setting holds; left empty, it is not asked for. */
export function LimitFill({ requirement, setting, label, change }: LimitFillProps) {
  const t = useMadeWords('requirements');
  const value = requirement[setting];
  return (
    <NumberFill
      label={t(`${requirement.kind}.form.${label}`)}
      value={typeof value === 'number' ? value : undefined}
      onChange={(number) => change({ [setting]: number })}
    />
  );
}

/** Things that can be asked or not, each a setting that is true or not there. */
export function AskedFills({
  requirement,
  settings,
  change,
}: Omit<LimitFillProps, 'setting' | 'label'> & { readonly settings: readonly string[] }) {
  const t = useMadeWords('requirements');
  return settings.map((setting) => (
    <Clause key={setting} asked={requirement[setting] === true} aside>
      <CheckFill
        checked={requirement[setting] === true}
        onChange={(on) => change({ [setting]: on ? true : undefined })}
      >
        {t(`${requirement.kind}.form.${setting}`)}
      </CheckFill>
    </Clause>
  ));
}
