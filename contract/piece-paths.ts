// Where the pieces are, without their schemas: the first page needs no more.
/** Method and path of the routes of pieces. */
export const piecePaths = {
  list: { method: 'GET', path: '/api/pieces' },
  add: { method: 'POST', path: '/api/pieces' },
  importFile: { method: 'POST', path: '/api/pieces/file' },
  exportFile: { method: 'GET', path: '/api/pieces/file' },
  revision: { method: 'GET', path: '/api/pieces/:id/revisions/:revision' },
} as const;
