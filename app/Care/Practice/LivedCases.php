<?php

declare(strict_types=1);

namespace App\Care\Practice;

use App\Bridge\Practice\HairToPractise;
use App\Models\Head;
use App\Models\LivedCase;

/** Practice cases out of hair of the salon's own clients. Nothing leads back from one to whose hair it is. */
final readonly class LivedCases
{
    public function __construct(private HairToPractise $hairToPractise)
    {
    }

    /** The same hair, kept once already, is not kept again. */
    public function make(Head $head): LivedCase
    {
        $hair = $this->hairToPractise->of($head);
        $all = LivedCase::query()->where('salon_id', $head->salon_id)->orderBy('number')->get();
        foreach ($all as $kept) {
            /** @var LivedCase $kept */
            if ($kept->hair === $hair) {
                return $kept;
            }
        }
        $last = $all->last();
        $made = (new LivedCase())->forceFill([
            'salon_id' => $head->salon_id, 'number' => ($last === null ? 0 : $last->number) + 1, 'hair' => $hair,
        ]);
        $made->save();

        return $made;
    }

    public function drop(LivedCase $lived): void
    {
        $lived->delete();
    }
}
