/** What writes about a pot are called: its beginning, what was said of it, one tap. */
export const cookKey = (id: string): string => `cook/${id}`;
export const saidKey = (id: string): string => `said/${id}`;
export const tapKey = (id: string): string => `tap/${id}`;
export const cookPath = (id: string): string => `/api/cooks/${id}`;
