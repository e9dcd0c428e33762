import type { StateStorage } from 'zustand/middleware';

/** The storage of this tab: what is kept there survives a reload and no more. Where it cannot be had nothing is kept. */
export const tabStorage: StateStorage = {
  getItem: (name) => {
    try {
      return sessionStorage.getItem(name);
    } catch {
      return null;
    }
  },
  setItem: (name, text) => {
    try {
      sessionStorage.setItem(name, text);
    } catch {
      // It was a comfort and nothing that must not be lost.
    }
  },
  removeItem: (name) => {
    try {
      sessionStorage.removeItem(name);
    } catch {
      // It is not there.
    }
  },
};
