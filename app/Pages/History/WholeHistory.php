<?php

declare(strict_types=1);

namespace App\Pages\History;

use App\Models\Head;
use App\Pages\Shared\Paper;
use App\Wording\MessageLanguage;
use App\Wording\SalonClock;
use App\Wording\Words;
use Closure;
use Illuminate\Support\Traits\Localizable;

/**
 * All that is kept of a client, for whoever it is about: in their language, in words, on paper and as a file any
 * program reads. Both say the same.
 */
final readonly class WholeHistory
{
    use Localizable;

    public const FORMAT = 'nagomi-history';
    public const VERSION = 1;

    public function __construct(
        private DoneParts $doneParts,
        private Paper $paper,
        private ToldParts $toldParts,
    ) {
    }

    /** @return string the bytes of a PDF */
    public function pdf(Head $head): string
    {
        /** @var string */
        return $this->inTheirs($head, function () use ($head): string {
            $page = $this->page($head);
            $print = static fn (string $headings, string $letters): string => view('history.whole', $page)
                ->with(['headings' => $headings, 'letters' => $letters])
                ->render();

            return $this->paper->pdf($print, numbered: true);
        });
    }

    /** @return string JSON, UTF-8 */
    public function json(Head $head): string
    {
        /** @var string */
        return $this->inTheirs($head, function () use ($head): string {
            $page = $this->page($head);

            return (string) json_encode([
                'format' => self::FORMAT, 'version' => self::VERSION, 'name' => $head->name,
                'salon' => $page->salonName, 'made_on' => $head->salon->today()->format('Y-m-d'),
                'language' => app()->getLocale(),
                'parts' => array_map(static fn (HistoryPart $part): array => [
                    'part' => $part->key, 'title' => Words::say("whole-history.parts.{$part->key}"),
                    'columns' => $part->columns, 'rows' => $part->rows,
                ], $page->parts),
            ], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
        });
    }

    /** @param Closure(): string $say */
    private function inTheirs(Head $head, Closure $say): mixed
    {
        $head->loadMissing(['salon', 'zoneParts', 'outlook']);

        return $this->withLocale(MessageLanguage::of($head)->code, $say);
    }

    private function page(Head $head): WholeHistoryPage
    {
        $parts = [...$this->toldParts->of($head), ...$this->doneParts->of($head)];

        return new WholeHistoryPage(
            head: $head,
            salonName: $head->salon->name,
            day: SalonClock::dayInWords($head->salon->today(), 'j F Y'),
            parts: array_values(array_filter($parts, static fn (HistoryPart $part): bool => $part->rows !== [])),
        );
    }
}
