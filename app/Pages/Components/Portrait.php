<?php

declare(strict_types=1);

namespace App\Pages\Components;

use App\Drawings\StrandPortrait;
use App\Models\Head;
use Illuminate\Contracts\View\View;
use Illuminate\View\Component;

/** The living strand, beside wherever a client is named. */
final class Portrait extends Component
{
    public readonly StrandPortrait $portrait;

    public function __construct(Head $head)
    {
        $this->portrait = StrandPortrait::of($head);
    }

    public function render(): View
    {
        return view('components.portrait');
    }
}
