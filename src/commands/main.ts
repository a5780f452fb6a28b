import { COMPUTING } from './compute';
import { UnreadableInput } from './input';

const [name = '', ...args] = process.argv.slice(2);

try {
  const command = COMPUTING[name];
  if (!command) throw new UnreadableInput(`there is no command ${name}; try ./porch help`);
  process.exitCode = await command(args);
} catch (error) {
  // RangeError is how the core refuses what no schema can describe; its message names the field.
  if (!(error instanceof UnreadableInput) && !(error instanceof RangeError)) throw error;
  console.error(error.message);
  process.exitCode = 2;
}
