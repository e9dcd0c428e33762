// What a cook reads in ui/drawings.

export const what = 'what';
export const theSame = 'the same';
