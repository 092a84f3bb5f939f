/** For `vi.waitFor`: a busy machine takes its time, so what is waited for may come late, but it has to come. */
export const LATE = { timeout: 30_000 };
