import type {
  EntityManager,
  EntityTarget,
  FindOptionsOrder,
  FindOptionsWhere,
  ObjectLiteral,
  Repository,
} from 'typeorm';
import { IsNull } from 'typeorm';
import type { Clock } from './clock.js';
import { notFound } from './problems.js';
import type { WriteQueue } from './writeQueue.js';

/** What every kept thing has. Times are ms since the epoch. */
export interface Kept extends ObjectLiteral {
  id: string;
  createdAtMs: number;
  updatedAtMs: number;
  deletedAtMs: number | null;
}

/**
 * Listing, putting and taking away of one kind of kept thing. Ids come from whoever creates the thing, so a put
 * can be sent again after a lost connection without making a second one. Nothing is erased: taking away marks
 * the row, and putting it again brings it back, which is how undo works.
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

  /** Creates or replaces the row with this id. */
  put(
    id: string,
    values: Omit<T, keyof Kept>,
    check?: (manager: EntityManager) => Promise<void>,
  ): Promise<T> {
    return this.queue.run(async (manager) => {
      await check?.(manager);
      const repository = manager.getRepository(this.target);
      const before = await repository.findOneBy({ id } as FindOptionsWhere<T>);
      const now = this.clock.nowMs();
      const row = repository.create({
        ...values,
        id,
        createdAtMs: before?.createdAtMs ?? now,
        updatedAtMs: now,
        deletedAtMs: null,
      } as unknown as T);
      return repository.save(row);
    });
  }

  /** Marks the row as taken away. */
  remove(id: string): Promise<void> {
    return this.queue.run(async (manager) => {
      const repository = manager.getRepository(this.target);
      const row = await repository.findOneBy({ id, deletedAtMs: IsNull() } as unknown as FindOptionsWhere<T>);
      if (!row) throw notFound(this.what);
      row.deletedAtMs = this.clock.nowMs();
      await repository.save(row);
    });
  }
}
