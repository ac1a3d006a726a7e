import { Printer } from 'lucide-react';
import type { ReactNode } from 'react';
import { type SayContext, sayCondition } from '#core/expression/index.ts';
import {
  compareForms,
  type Form,
  formVocabulary,
  pageOf,
  ruleCondition,
  sayColumns,
  sayRule,
} from '#core/form/index.ts';
import { type Catalogue, type Register, sayKind, valueContext } from '#core/register/index.ts';
import { sayOpening } from './opening.tsx';

interface Props {
  readonly form: Form;
  /** The version people fill in now. */
  readonly published: { readonly form: Form; readonly version: number } | undefined;
  readonly register: Register;
  readonly catalogue: Catalogue;
}

/** The whole form as one page of sentences, to be read and printed by someone who never sees the program. */
export const RuleSheet = ({ form, published, register, catalogue }: Props) => {
  const contextOf = (of: Form): SayContext => ({
    vocabulary: formVocabulary(of, register, catalogue),
    values: valueContext(catalogue),
  });
  const context = contextOf(form);
  const says = (text: string): string => {
    const condition = ruleCondition(text);
    return condition ? sayCondition(condition, 'is', context) : text;
  };
  const changes = published ? compareForms(published.form, form, contextOf(published.form), context) : [];
  const pages = form.pages.length === 0 ? [null] : form.pages;
  const pageName = (key: string | null): string =>
    key === null ? 'the end' : (form.pages.find((page) => page.key === key)?.label ?? key);
  const roles = form.fill_in_by.length === 0 ? 'set-up people only' : form.fill_in_by.join(', ').replaceAll('_', ' ');
  return (
    <div className="max-w-3xl">
      <p className="mb-3 print:hidden">
        <button type="button" className="btn" onClick={() => window.print()}>
          <Printer size={15} aria-hidden="true" /> Print, or keep as PDF
        </button>
      </p>
      {published && (
        <section aria-label="What changed" className="mb-4 border-l-4 border-haze pl-3 print:hidden">
          <h2>Since version {published.version}</h2>
          {changes.length === 0 ? (
            <p className="text-ink-2">Nothing changed.</p>
          ) : (
            <Lines>{changes.map((change) => ({ key: change, text: change }))}</Lines>
          )}
        </section>
      )}
      <h2 className="text-lg!">{form.label}</h2>
      <p className="text-ink-2">
        {form.purpose === 'change' ? 'Changes' : form.purpose === 'both' ? 'Adds to or changes' : 'Adds to'}{' '}
        {register.plural}. Filled in by: {roles}, {sayOpening(form)}.
      </p>
      {form.introduction && <p className="mt-2">{form.introduction}</p>}
      {pages.map((page, at) => (
        <section key={page?.key ?? ''} aria-label={page?.label ?? 'Questions'} className="mt-4 break-inside-avoid">
          {page && (
            <h3 className="border-b border-ink font-bold">
              Page {at + 1}. {page.label}
            </h3>
          )}
          {page?.introduction && <p>{page.introduction}</p>}
          <ol>
            {form.questions.map((question, i) => {
              const field = register.fields.find((each) => each.key === question.field);
              if (!field || (page && pageOf(form, question.page) !== at)) return null;
              const section = form.sections.find((each) => each.key === question.section);
              const begins = section && form.questions[i - 1]?.section !== section.key;
              return (
                <li key={question.field} className="py-1">
                  {begins && (
                    <p className="font-semibold">
                      Section {section.label}
                      {section.condition !== undefined && <>, asked when {says(section.condition)}</>}
                      {section.help && <>: {section.help}</>}
                    </p>
                  )}
                  {i + 1}. <span className="font-semibold">{question.label ?? field.label}</span>{' '}
                  <span className="text-ink-2">
                    {sayKind(field.type, catalogue)}
                    {field.required && ', always needed'}
                  </span>
                  <Lines>
                    {[
                      ...question.rules.map((rule, n) => ({
                        key: String(n),
                        text: sayRule(rule, question.field, context)
                          .map((part) => part.text)
                          .join(' '),
                      })),
                      ...sayColumns(question.columns ?? [], question.field, context).map((text) => ({
                        key: text,
                        text,
                      })),
                    ]}
                  </Lines>
                </li>
              );
            })}
          </ol>
          {page && (
            <Lines>
              {[
                ...page.onward.map((onward, n) => ({
                  key: String(n),
                  text: `leads to ${pageName(onward.to)} when ${says(onward.condition)}`,
                })),
                {
                  key: 'else',
                  text: `${page.onward.length > 0 ? 'otherwise' : 'leads'} to ${pageName(page.otherwise === undefined ? (form.pages[at + 1]?.key ?? null) : page.otherwise)}`,
                },
              ]}
            </Lines>
          )}
        </section>
      ))}
      {form.endings.length > 0 && (
        <section aria-label="After sending" className="mt-4">
          <h3 className="border-b border-ink font-bold">After sending</h3>
          <Lines>
            {form.endings.map((ending, n) => ({
              key: String(n),
              text: `“${ending.label}”${ending.condition === undefined ? '' : ` when ${says(ending.condition)}`}${ending.words === '' ? '' : `: ${ending.words}`}`,
            }))}
          </Lines>
        </section>
      )}
    </div>
  );
};

const Lines = ({ children }: { children: readonly { readonly key: string; readonly text: string }[] }): ReactNode =>
  children.length === 0 ? null : (
    <ul className="pl-5 text-ink-2">
      {children.map(({ key, text }) => (
        <li key={key}>{text}</li>
      ))}
    </ul>
  );
