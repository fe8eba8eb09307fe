<?php

declare(strict_types=1);

namespace App\Pages\Components;

use App\Drawings\PictureGuide;
use Illuminate\Contracts\View\View;
use Illuminate\View\Component;

/** How the two pictures of a wash day are taken: curls before the wash lie closer than once they are dry. */
final class PictureGuides extends Component
{
    /** @var array<string, PictureGuide> by kind of picture */
    public readonly array $guides;

    public function __construct()
    {
        $this->guides = ['before' => PictureGuide::of(0.82), 'after' => PictureGuide::of(1.0)];
    }

    public function render(): View
    {
        return view('components.picture-guides');
    }
}
