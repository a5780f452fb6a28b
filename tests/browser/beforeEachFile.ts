import { beforeAll } from 'vitest';
import { closePool } from '../../src/server/ground/database/pool';
import { layOutAsBegun } from './asBegun';

beforeAll(async () => {
  await layOutAsBegun();
  await closePool();
});
