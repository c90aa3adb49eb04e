// The address of a step in the bench view.

export const stepLink = (batchId: string, step: string) => `/bench/${batchId}/${encodeURIComponent(step)}`;
