import ReactMarkdown from 'react-markdown';

const SAFE = /^(?:https?:|mailto:|tel:)/i;

/** Markdown as React elements: no HTML of the text is ever taken over, and a link leads only where it may. */
const Markdown = ({ text }: { text: string }) => (
  <div className="formatted">
    <ReactMarkdown
      skipHtml
      disallowedElements={['img']}
      components={{
        // A record's page has its own headings: those inside a text stand below them.
        h1: 'h3',
        h2: 'h4',
        h3: 'h5',
        a: ({ href, children }) =>
          href && SAFE.test(href) ? (
            <a className="part" href={href} rel="noreferrer noopener" target="_blank">
              {children}
            </a>
          ) : (
            children
          ),
      }}
    >
      {text}
    </ReactMarkdown>
  </div>
);
export default Markdown;
