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

    /** @param StrandPortrait|null $shape null: as the hair of the client stands now */
    public function __construct(?Head $head = null, ?StrandPortrait $shape = null)
    {
        $this->portrait = $shape ?? StrandPortrait::of($head ?? new Head());
    }

    public function render(): View
    {
        return view('components.portrait');
    }
}
