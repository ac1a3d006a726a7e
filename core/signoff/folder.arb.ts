/*
 * A reference for the sign-off's reducer, written as an office would do it on paper: a folder goes from desk to desk, with
 * a sheet for each step on which people are listed and sign. Written without a look at the reducer, over the sentences
 * about sign-off alone; it changes in place, and knows no events.
 */

export interface Desk {
  readonly id: string;
  readonly roles: readonly string[];
  readonly away: boolean;
  readonly standIn: string | null;
}

export interface StepPlan {
  readonly role: string;
  readonly many: 'any' | 'all' | number;
  readonly firstRefusal: boolean;
  readonly beside: boolean;
  /** Entered where the amount is over this. */
  readonly over: number;
}

interface Sheet {
  list: { id: string; counts: boolean; struck: boolean }[];
  lines: { by: string; name: string; yes: boolean; stands: number }[];
  need: number;
  /** How many could sign when it was laid down. */
  first: number;
  backup: { ids: string[]; stands: number } | null;
}

type Mark = 'ahead' | 'skipped' | 'here' | 'done' | 'through' | 'no' | 'back' | 'dropped';

export class Folder {
  stage = 'none';
  readonly marks: Mark[];
  #sheets: (Sheet | null)[];
  #sender = '';
  #authors = new Set<string>();
  #changers = new Set<string>();

  constructor(
    readonly plan: readonly StepPlan[],
    readonly lastResort: string,
    public desks: readonly Desk[],
    public amount: number,
  ) {
    this.marks = plan.map(() => 'ahead');
    this.#sheets = plan.map(() => null);
  }

  #desk(id: string): Desk | undefined {
    return this.desks.find((desk) => desk.id === id);
  }

  #names(): Set<string> {
    const names = new Set<string>();
    for (const sheet of this.#sheets) for (const line of sheet?.lines ?? []) names.add(line.by).add(line.name);
    return names;
  }

  #barred(id: string): boolean {
    return id === this.#sender || this.#authors.has(id) || this.#names().has(id) || !this.#desk(id);
  }

  #given(sheet: Sheet): number {
    return sheet.lines.filter((line) => line.yes).reduce((sum, line) => sum + line.stands, 0);
  }

  #unsigned(sheet: Sheet) {
    return sheet.list.filter((one) => !one.struck && !sheet.lines.some((line) => line.name === one.id));
  }

  #backupOpen(sheet: Sheet): boolean {
    return sheet.backup !== null;
  }

  #couldCome(sheet: Sheet): number {
    const own = this.#unsigned(sheet).filter((one) => one.counts).length;
    return own + (this.#backupOpen(sheet) ? (sheet.backup?.stands ?? 0) : 0);
  }

  /** Those with a role who are not barred; who is away counts where a stand-in of their own could sign. */
  #listed(role: string, besides: readonly string[] = []): Sheet['list'] {
    const desks = this.desks.filter(
      (desk) => desk.roles.includes(role) && !besides.includes(desk.id) && !this.#barred(desk.id),
    );
    const hands = new Set(desks.filter((desk) => !desk.away).map((desk) => desk.id));
    return desks.map(({ id, away, standIn }) => {
      let counts = true;
      if (away) {
        counts = standIn !== null && !this.#barred(standIn) && !hands.has(standIn);
        if (counts) hands.add(standIn ?? '');
      }
      return { id, counts, struck: false };
    });
  }

  #backup(stands: number, besides: readonly string[]): Sheet['backup'] {
    const ids = this.#listed(this.lastResort, besides).map((one) => one.id);
    return ids.length === 0 ? null : { ids, stands };
  }

  send(sender: string, by: string): void {
    this.#sender = sender;
    this.#authors = new Set(this.#changers);
    if (by !== sender) this.#authors.add(by);
    this.#changers.clear();
    this.#start();
  }

  #start(): void {
    this.stage = 'waiting';
    this.marks.fill('ahead');
    this.#sheets = this.plan.map(() => null);
    this.#walk();
  }

  #group(step: number): number[] {
    let first = step;
    while (first > 0 && this.plan[first]?.beside) first--;
    let last = first + 1;
    while (last < this.plan.length && this.plan[last]?.beside) last++;
    return Array.from({ length: last - first }, (_, i) => first + i);
  }

  /** Carries the folder on until somebody has to sign, or to the end. */
  #walk(): void {
    for (let step = 0; step < this.plan.length; ) {
      const group = this.#group(step);
      const ahead = group.filter((each) => this.marks[each] === 'ahead');
      if (group.some((each) => this.marks[each] === 'here') && ahead.length === 0) {
        this.#judge();
        return;
      }
      const due = ahead.filter((each) => this.amount > (this.plan[each]?.over ?? 0));
      for (const each of ahead) if (!due.includes(each)) this.marks[each] = 'skipped';
      for (const each of due) this.#open(each);
      if (group.some((each) => this.marks[each] === 'here')) {
        this.#judge();
        return;
      }
      step += group.length;
    }
    this.stage = this.marks.some((mark) => mark === 'done' || mark === 'through') ? 'approved' : 'none';
  }

  #open(step: number): void {
    const { role, many } = this.plan[step] as StepPlan;
    const list = this.#listed(role);
    const able = list.filter((one) => one.counts).length;
    const need = many === 'any' ? 1 : many === 'all' ? Math.max(1, able) : many;
    const backup =
      able < need
        ? this.#backup(
            need - able,
            list.map((one) => one.id),
          )
        : null;
    this.#sheets[step] = { list, lines: [], need, first: able, backup };
    this.marks[step] = 'here';
    this.stage = 'waiting';
  }

  #judge(): void {
    if (this.stage !== 'waiting' && this.stage !== 'stuck') return;
    const stuck = this.#here().some((step) => {
      const sheet = this.#sheets[step] as Sheet;
      return this.#given(sheet) + this.#couldCome(sheet) < sheet.need;
    });
    this.stage = stuck ? 'stuck' : 'waiting';
  }

  #here(): number[] {
    return this.marks.flatMap((mark, step) => (mark === 'here' ? [step] : []));
  }

  /** In whose name somebody may sign a step; null: not at all. */
  name(step: number, id: string): string | null {
    const sheet = this.#sheets[step];
    if (!sheet || this.marks[step] !== 'here' || this.#barred(id)) return null;
    const wanted = [
      ...this.#unsigned(sheet).map((one) => one.id),
      ...(this.#backupOpen(sheet) ? (sheet.backup?.ids ?? []) : []),
    ];
    if (wanted.includes(id)) return id;
    return (
      wanted.find((each) => {
        const desk = this.#desk(each);
        return desk?.away === true && desk.standIn === id && !this.#barred(each);
      }) ?? null
    );
  }

  sign(step: number, by: string, name: string, yes: boolean): void {
    const sheet = this.#sheets[step] as Sheet;
    const stands = sheet.list.some((one) => one.id === name) ? 1 : (sheet.backup?.stands ?? 1);
    sheet.lines.push({ by, name, yes, stands });
    if (!sheet.list.some((one) => one.id === name)) sheet.backup = null;
    if (!yes && (this.plan[step]?.firstRefusal || this.#given(sheet) + this.#couldCome(sheet) < sheet.need)) {
      this.#refuse(step);
      return;
    }
    if (this.#given(sheet) >= sheet.need) this.marks[step] = 'done';
    this.#walk();
    this.#check();
  }

  #refuse(step: number): void {
    this.#drop();
    this.marks[step] = 'no';
    this.stage = 'refused';
  }

  #drop(): void {
    for (const step of this.#here()) this.marks[step] = 'dropped';
  }

  /** Are those who are listed still able to sign? */
  #check(): void {
    for (const step of this.#here()) {
      if (this.marks[step] !== 'here') continue;
      const sheet = this.#sheets[step] as Sheet;
      const { role, many } = this.plan[step] as StepPlan;
      const isLost = (id: string): boolean => this.#barred(id) || !this.#desk(id)?.roles.includes(role);
      const lost = this.#unsigned(sheet).filter((one) => isLost(one.id));
      const backupLost = this.#backupOpen(sheet) && !sheet.backup?.ids.some((id) => !this.#barred(id));
      const stuck = this.#given(sheet) + this.#couldCome(sheet) < sheet.need;
      for (const one of lost) one.struck = true;
      // Whoever could sign since is written down too; where all sign, for those alone who were struck out.
      const known = [
        ...sheet.list.filter((one) => !one.struck).map((one) => one.id),
        ...sheet.lines.map((line) => line.by),
      ];
      let late = this.#listed(role, known);
      if (many === 'all') {
        const waiting = this.#unsigned(sheet).filter((one) => one.counts).length;
        const free = sheet.first - sheet.lines.length - waiting;
        late = late.filter((one) => one.counts).slice(0, Math.max(0, free));
      }
      if (lost.length === 0 && !backupLost && !stuck && late.length === 0) continue;
      sheet.list = [...sheet.list.filter((one) => !late.some((other) => other.id === one.id)), ...late];
      const able = this.#unsigned(sheet).filter((one) => one.counts).length;
      if (many === 'all') sheet.need = Math.max(1, this.#given(sheet) + able);
      const missing = sheet.need - this.#given(sheet) - able - sheet.lines.filter((line) => !line.yes).length;
      const covered = this.#backupOpen(sheet) && !backupLost && sheet.backup?.stands === missing;
      if (missing <= 0) sheet.backup = null;
      else if (!covered)
        sheet.backup = this.#backup(
          missing,
          this.#unsigned(sheet).map((one) => one.id),
        );
      if (this.#given(sheet) >= sheet.need) {
        this.marks[step] = 'done';
        this.#walk();
      } else if (sheet.lines.some((line) => !line.yes) && this.#given(sheet) + this.#couldCome(sheet) < sheet.need) {
        this.#refuse(step);
        return;
      }
    }
    this.#judge();
  }

  sendBack(step: number, to: number | null): void {
    if (to === null) {
      this.#drop();
      this.marks[step] = 'back';
      this.stage = 'sent_back';
      this.#changers.clear();
      return;
    }
    const end = Math.max(...this.#group(to));
    this.plan.forEach((_, each) => {
      if (each !== to && each <= end) return;
      this.marks[each] = 'ahead';
      this.#sheets[each] = null;
    });
    this.#walk();
  }

  change(by: string, amount: number, kept: boolean): void {
    this.amount = amount;
    if (this.stage === 'sent_back') {
      this.#changers.add(by);
      return;
    }
    if (kept && ['waiting', 'stuck', 'approved'].includes(this.stage)) {
      this.#authors.add(by);
      this.stage = 'waiting';
      this.marks.forEach((mark, step) => {
        if (mark === 'skipped') this.marks[step] = 'ahead';
      });
      this.#walk();
      this.plan.forEach(({ over }, step) => {
        if (this.marks[step] !== 'here' || amount > over) return;
        this.marks[step] = 'skipped';
        this.#sheets[step] = null;
        this.#walk();
      });
      this.#check();
      return;
    }
    this.#authors = new Set([by]);
    this.#changers.clear();
    this.#start();
  }

  peopleAre(desks: readonly Desk[]): void {
    this.desks = desks;
    if (this.stage === 'waiting' || this.stage === 'stuck') this.#check();
  }

  letThrough(step: number): void {
    this.marks[step] = 'through';
    this.#walk();
  }

  end(): void {
    this.#drop();
    this.stage = 'none';
  }
}
