import { listRoute } from '../../../../listRoute';

export const { GET, POST } = listRoute('months', (month) => ({ kind: 'month', month }));
