import { listRoute } from '../../../../listRoute';

export const { GET, POST } = listRoute('writers', (address) => ({ kind: 'writer', address }));
