/** The page's number for style sheets that controls write at run time; the server puts it into the page. */
export function styleNonce(): string {
  return document.querySelector<HTMLMetaElement>('meta[name="style-nonce"]')?.content ?? '';
}
