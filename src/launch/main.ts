import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { Failure } from './failure';

const root = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '../..');

const HELP = `./porch demo [--fresh] [--size 3000x300]   the demo class, from an empty machine, and one of so many posts
                           and students; PORT and PORCH_DATA are heeded
./porch backup [FOLDER] [--keep DAYS]   database and pictures in one file, while people write on
./porch restore FILE         a backup, laid out in an empty data folder
./porch test [core|server|browser]
./porch bench core|roster|alike|pages|writing|first-letter|weight|readers|search|hostile|load|kills [--posts 20000] [--rounds 20]    measurements as lines of JSON
./porch words FILE
./porch check --assignment A.json POST
./porch grade FILE
./porch gradebook FILE
./porch roster FILE [--existing PEOPLE.json]
./porch hold FILE
./porch personal FILE [--people PEOPLE.json] [--country IE] [--language en]
./porch vectors FILE…`;

const [name = 'help', ...args] = process.argv.slice(2);

try {
  process.exitCode = await command(name, args);
} catch (error) {
  if (!(error instanceof Failure)) throw error;
  console.error(error.message);
  process.exitCode = 1;
}

async function command(name: string, args: readonly string[]): Promise<number> {
  switch (name) {
    case 'demo':
      return (await import('./demo')).demo(root, args);
    case 'backup':
      return (await import('./backup')).backup(root, args);
    case 'restore':
      return (await import('./backup')).restore(root, args);
    case 'test':
      return (await import('./test')).test(root, args);
    case 'bench':
      return (await import('./bench')).bench(root, args);
    case 'help':
      console.log(HELP);
      return 0;
    default:
      console.error(`There is no command ${name}.\n${HELP}`);
      return 2;
  }
}
