import { listRoute } from '../../../../listRoute';

export const { GET, POST } = listRoute('assignments', (assignmentId) => ({
  kind: 'assignment',
  assignmentId,
}));
