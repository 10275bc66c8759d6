/** Addresses that are the application's own page, and not the server's or a file's. */
export const isPageOfOurs = /^\/(?!api\/|solver\/|_expo\/|assets\/)(?:[^.]*)$/;

/** What the book answers, and is kept: everything that is read of a kitchen, but what is told as it happens and what is drawn. */
export const isAnswerToKeep = (method: string, pathname: string): boolean =>
  method === 'GET' && /^\/api\/kitchens(\/|$)/.test(pathname) && !/\/events$|\.pdf$/.test(pathname);
