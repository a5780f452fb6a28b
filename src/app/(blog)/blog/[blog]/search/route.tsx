import { listRoute } from '../../../listRoute';

export const { GET, POST } = listRoute('search', () => ({ kind: 'all' }));
