<?php

declare(strict_types=1);

namespace App\Pages\Components;

use App\Drawings\HandPicture;
use Illuminate\Contracts\View\View;
use Illuminate\View\Component;

/** The hand of a hair test, beside its name; nothing where there is nothing for a hand to do. */
final class Hand extends Component
{
    public readonly ?HandPicture $picture;

    public function __construct(string $test)
    {
        $this->picture = HandPicture::of($test);
    }

    public function shouldRender(): bool
    {
        return $this->picture !== null;
    }

    public function render(): View
    {
        return view('components.hand');
    }
}
