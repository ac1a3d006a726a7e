import Bowser from 'bowser';

/** What a browser says it is, in words: “Chrome on Windows”; of one that says nothing that it does not say. */
export const sayDevice = (agent: string): string => {
  if (agent === '') return 'A device that does not say what it is';
  const { browser, os } = Bowser.parse(agent);
  const named = browser.name || 'A program';
  return os.name ? `${named} on ${os.name}` : named;
};
