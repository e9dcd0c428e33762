import { create } from 'zustand';

/** What is said politely to screen readers: one line, the last word. */
export const useSaid = create<{ readonly text: string }>()(() => ({ text: '' }));

export const say = (text: string): void => {
  useSaid.setState({ text });
};
