import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { useKitchen } from '../../stores/kitchen/kitchen.js';
import { addPerson, removePerson, useMe } from '../../stores/kitchen/people.js';
import { settle, silence } from '../../testing/household.js';
import { PeopleList } from './PeopleList.js';

beforeEach(() => {
  silence();
  settle();
});
afterEach(cleanup);

describe('who cooks and eats here', () => {
  it('is each once, of a length that is kept, and can be taken away and put back', () => {
    for (const name of ['Odo', ' odo ', '', 'x'.repeat(60)]) addPerson(name);
    expect(useKitchen.getState().household.people).toEqual(['Odo', 'x'.repeat(24)]);
    for (let n = 0; n < 20; n += 1) addPerson(`p${n.toString()}`);
    expect(useKitchen.getState().household.people).toHaveLength(12);
    useMe.setState({ name: 'Odo' });
    render(<PeopleList />);
    fireEvent.click(screen.getByRole('button', { name: 'Remove: Odo' }));
    expect(useMe.getState().name).toBeNull();
    fireEvent.click(screen.getByRole('button', { name: /back/u }));
    expect(useKitchen.getState().household.people).toContain('Odo');
    removePerson('Odo');
    expect(useKitchen.getState().household.people).not.toContain('Odo');
  });
});
