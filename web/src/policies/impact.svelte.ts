import Big from 'big.js';
import { answer, api } from '../api/client';
import type { Coverage, ImpactRow, ImpactView, Terms } from '../api/types';
import { exactDifference, exactSum } from '../common/decimal';
import { save } from '../common/save';
import { Work } from '../common/work.svelte';

/** What a draft is asked about: its text, from when on, and for whom. */
export interface Question {
  terms: Terms;
  from: string;
  coverage: Coverage;
}

const SIZE = 2000;

/** The largest change of a row on any of the days, whatever its sign. */
function size(row: ImpactRow): Big {
  return row.after
    .map((after, index) => new Big(after).minus(row.before[index]!).abs())
    .reduce((one, other) => (one.gt(other) ? one : other));
}

/** What a draft changes for everybody concerned, worked out part by part. */
export class Impact {
  days = $state<string[]>([]);
  rows = $state<ImpactRow[]>([]);
  corrects = $state<ImpactView['corrects']>([]);
  done = $state(0);
  people = $state(0);
  /** The question that was answered last, as a text. */
  worked = $state<string | null>(null);
  readonly work = new Work();

  readonly byOutliers = $derived([...this.rows].sort((one, other) => size(other).cmp(size(one))));
  readonly changed = $derived(this.rows.filter((row) => size(row).gt(0)).length);

  workOut(policyId: number, asked: Question): Promise<boolean> {
    this.done = 0;
    return this.work.do(async () => {
      const found: ImpactRow[] = [];
      for (let page = 0; page === 0 || this.done < this.people; page++) {
        const part = await answer(
          api.POST('/api/policies/{id}/impact', {
            params: { path: { id: policyId }, query: { page, size: SIZE } },
            body: asked,
          }),
        );
        this.people = part.people;
        this.days = part.days;
        if (page === 0) this.corrects = part.corrects;
        found.push(...part.rows);
        this.done = Math.min(this.people, (page + 1) * SIZE);
      }
      this.rows = found;
      this.worked = JSON.stringify(asked);
    });
  }

  download(policyId: number, policyName: string): Promise<boolean> {
    return this.work.do(async () => {
      const asked = JSON.parse(this.worked!) as Question;
      const file = await answer(
        api.POST('/api/policies/{id}/impact/table.csv', {
          params: { path: { id: policyId } },
          body: asked,
          parseAs: 'blob',
        }),
      );
      save(`impact-${policyName}-from-${asked.from}.csv`, file as unknown as Blob);
    });
  }

  difference(row: ImpactRow, index: number): string {
    return exactDifference(row.after[index]!, row.before[index]!);
  }

  total(side: 'before' | 'after', index: number): string {
    return exactSum(this.rows.map((row) => row[side][index]!));
  }
}
