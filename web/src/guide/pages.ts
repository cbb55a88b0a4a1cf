import type { GuidePage } from '../api/types';

/** The pages in which all words of a search stand, whatever their case. */
export function found(pages: GuidePage[], search: string): GuidePage[] {
  const words = search.toLowerCase().split(/\s+/).filter(Boolean);
  return pages.filter(({ title, html }) => {
    const text = `${title} ${html.replace(/<[^>]*>/g, ' ')}`.toLowerCase();
    return words.every((word) => text.includes(word));
  });
}

/** The text of a page with its pictures where the product has them. */
export function withPictures(html: string, pictures: Record<string, string>): string {
  const address = (file: string) =>
    Object.entries(pictures).find(([path]) => path.endsWith(`/${file}`))?.[1] ?? file;
  return html.replace(/src="([\w-]+\.png)"/g, (_, file: string) => `src="${address(file)}"`);
}
