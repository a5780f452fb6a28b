import { listRoute } from '../../../../listRoute';

export const { GET, POST } = listRoute('labels', (label) => ({ kind: 'label', label }));
