// Stores the versions of the plan.
import { z } from 'zod';
import { planDocumentSchema } from '../../core/plan/studio/plan-document.ts';
import type { Ledger } from './ledger.ts';
import { type Prepare, preparedOnce } from './statements.ts';

/** A version with fingerprints of what it rests on, by name. */
const storedPlanSchema = planDocumentSchema.extend({ inputs: z.record(z.string(), z.string()) });
/** A version of the plan as it is stored. */
export type StoredPlan = z.infer<typeof storedPlanSchema>;

/** Versions that are kept. */
const KEPT = 50;

/** The versions of the plan of a ledger. */
export class Plans {
  readonly #now: () => string;
  readonly #prepare: Prepare;
  readonly #ledger: Ledger;

  constructor(ledger: Ledger, now: () => string) {
    this.#ledger = ledger;
    this.#now = now;
    this.#prepare = preparedOnce(ledger);
  }

  /** The last version; null before the first. */
  last(): StoredPlan | null {
    const [plan] = this.list(1);
    return plan ?? null;
  }

  /** The last versions, newest first. */
  list(count: number): StoredPlan[] {
    return this.#prepare<[number], { version: number; recorded_at: string; plan: string }>(
      'select * from plan_version order by version desc limit ?',
    )
      .all(count)
      .map(({ version, recorded_at: at, plan }) =>
        storedPlanSchema.parse({ ...(JSON.parse(plan) as object), version, at }),
      );
  }

  add(plan: Omit<StoredPlan, 'version' | 'at'>): StoredPlan {
    return this.#ledger.transaction(() => {
      const at = this.#now();
      const { lastInsertRowid } = this.#prepare('insert into plan_version (recorded_at, plan) values (?, ?)').run(
        at,
        JSON.stringify(plan),
      );
      const version = Number(lastInsertRowid);
      this.#prepare('delete from plan_version where version <= ?').run(version - KEPT);
      return { ...plan, version, at };
    })();
  }
}
