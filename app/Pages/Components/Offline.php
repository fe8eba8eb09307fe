<?php

declare(strict_types=1);

namespace App\Pages\Components;

use Illuminate\Contracts\View\View;
use Illuminate\Support\Arr;
use Illuminate\View\Component;
use JsonException;

/** What scripts say on a page, out of lang/en/offline.php, and the line that says what is kept on this device. */
final class Offline extends Component
{
    public readonly string $words;

    /**
     * @param string|null $of a screen whose own sentences come with the common ones, or in their place
     *
     * @throws JsonException never: the sentences are ours
     */
    public function __construct(?string $of = null)
    {
        $all = (array) trans('offline');
        // Whoever is signed in can sign out; a client on a phone is not.
        $leave = auth()->check() ? Arr::dot((array) ($all['leave'] ?? []), 'leave.') : [];
        $common = array_filter($all, is_string(...)) + $leave;
        $own = $of === null ? [] : Arr::dot((array) ($all[$of] ?? []));
        $this->words = json_encode($own + $common, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }

    public function render(): View
    {
        return view('components.offline');
    }
}
