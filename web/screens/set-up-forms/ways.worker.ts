import type { Clock } from '#core/base/index.ts';
import { compileForm, type Form, findWays } from '#core/form/index.ts';
import { catalogueOf } from '#core/workspace/index.ts';

/** What the worker is asked: the ways of a form, over the definitions it stands on. */
export interface WaysAsked {
  readonly form: Form;
  readonly workspace: Parameters<typeof catalogueOf>[0];
  readonly clock: Clock;
}

addEventListener('message', ({ data }: MessageEvent<WaysAsked>) => {
  const { form, workspace, clock } = data;
  const compiled = compileForm(form, catalogueOf(workspace));
  postMessage(compiled.ok ? findWays(compiled.value, clock) : null);
});
