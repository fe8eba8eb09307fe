<?php

declare(strict_types=1);

namespace App\Pages\HomeRoutine;

use App\Drawings\StrandPortrait;
use App\Models\Head;
use App\Models\Salon;
use App\Models\Style;
use App\Pages\Page;
use Carbon\CarbonImmutable;

/** What a client does at home until the next visit. */
final readonly class HomeRoutine extends Page
{
    /**
     * @param array{now: StrandPortrait, later: StrandPortrait, same: bool}|null $strands now and in three weeks; null
     *     where nobody tested the hair lately
     * @param array{when: string, service: string}|null $next
     * @param list<array{
     *     uid: string, date: CarbonImmutable, minutes: int, title: string, because: string,
     *     steps: list<array{what: string, how: string, minutes: int, with: string}>,
     * }> $days
     * @param list<string> $eves what is put on at home the evening before a visit, a sentence each
     * @param list<string> $due trims and take-downs, a sentence each
     * @param list<string> $cautions
     * @param list<string> $calls
     */
    public function __construct(
        public Head $head,
        public ?array $strands,
        public CarbonImmutable $today,
        public Salon $salon,
        public ?array $next,
        public array $days,
        public array $eves,
        public ?Style $style,
        public ?int $styleDay,
        public array $due,
        public array $cautions,
        public array $calls,
    ) {
    }
}
