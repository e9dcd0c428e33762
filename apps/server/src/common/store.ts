import type { EntityManager, EntityTarget, FindOptionsOrder, FindOptionsWhere, Repository } from 'typeorm';
import { IsNull } from 'typeorm';
import { sameValue } from '@hammock/core/records';
import { RevisionConflict } from './revisionConflict.js';
import type { Clock } from './clock.js';
import type { Kept } from './keptEntity.js';
import { notFound } from './problems.js';
import type { WriteQueue } from './writeQueue.js';

/**
 * Listing, putting and taking away of one kind of kept thing. Ids come from the device that creates the thing, so a put
 * can be sent again after a lost connection without making a second one. A write names the revision it stood on; one
 * that stood on an older row is a clash, and the row stays as it is. Nothing is erased: taking away marks the row, and
 * putting it again brings it back, which is how undo works.
 */
export class Store<T extends Kept> {
  constructor(
    private readonly what: string,
    private readonly target: EntityTarget<T>,
    private readonly repository: Repository<T>,
    private readonly queue: WriteQueue,
    private readonly clock: Clock,
  ) {}

  /** Everything not taken away, oldest first. */
  list(): Promise<T[]> {
    return this.repository.find({
      where: { deletedAtMs: IsNull() } as FindOptionsWhere<T>,
      order: { createdAtMs: 'ASC', id: 'ASC' } as FindOptionsOrder<T>,
    });
  }

  /**
   * Creates or replaces the row with this id. Sent again as it is, it changes nothing.
   * @param standsOn revision of the row that is being replaced
   * @throws RevisionConflict when the row has another revision and says something else
   */
  put(
    id: string,
    values: Omit<T, keyof Kept>,
    standsOn: number | undefined,
    check?: (manager: EntityManager) => Promise<void>,
  ): Promise<T> {
    return this.queue.run(async ({ manager, nextRevision }) => {
      const repository = manager.getRepository(this.target);
      const before = await repository.findOneBy({ id } as FindOptionsWhere<T>);
      if (before && before.deletedAtMs === null && sameValue(fieldsOf(before), { ...values })) return before;
      if (before && before.revision !== standsOn) throw new RevisionConflict(before, values);
      await check?.(manager);
      const now = this.clock.nowMs();
      const row = repository.create({
        ...values,
        id,
        createdAtMs: before?.createdAtMs ?? now,
        updatedAtMs: now,
        revision: nextRevision(),
        deletedAtMs: null,
      } as unknown as T);
      return repository.save(row);
    });
  }

  /**
   * Marks the row as taken away; asked again it stays so.
   * @throws RevisionConflict when it was changed since, 404 when there never was one
   */
  remove(id: string, standsOn: number | undefined): Promise<T> {
    return this.queue.run(async ({ manager, nextRevision }) => {
      const repository = manager.getRepository(this.target);
      const row = await repository.findOneBy({ id } as FindOptionsWhere<T>);
      if (!row) throw notFound(this.what);
      if (row.deletedAtMs !== null) return row;
      if (row.revision !== standsOn) throw new RevisionConflict(row, null);
      row.deletedAtMs = this.clock.nowMs();
      row.revision = nextRevision();
      return repository.save(row);
    });
  }
}

/** What the household said of a row, without what the server adds. */
function fieldsOf(row: Kept): object {
  const { id, createdAtMs, updatedAtMs, revision, deletedAtMs, ...fields } = row;
  return fields;
}
