import { deed } from '../deed';
import { importFields, type ImportPlan } from './importPlan';

/** Says row by row what an import would make, match and refuse. Nothing is changed. */
export const previewImport = deed({
  name: 'previewImport',
  on: 'class',
  action: 'roster.change',
  looksOnly: true,
  outside: true,
  fields: importFields,
}).answers<ImportPlan>();
