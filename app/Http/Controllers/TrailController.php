<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Head;
use App\Pages\Salon\TrailScreen;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** Who did what and when: of the whole salon for its owner, of one client for whoever decides on the hair. */
final class TrailController extends Controller
{
    private const LONGEST = 120;

    public function __construct(private readonly TrailScreen $trailScreen)
    {
    }

    public function show(Request $request): View
    {
        return view('salon.trail', $this->trailScreen->of($this->salon(), $this->chosen($request)));
    }

    public function ofHead(Request $request, Head $head): View
    {
        return view('salon.trail', $this->trailScreen->of($this->salon(), $this->chosen($request), $head));
    }

    /** @return array<string, string> by filter */
    private function chosen(Request $request): array
    {
        $chosen = [];
        foreach (TrailScreen::FILTERS as $filter) {
            $chosen[$filter] = mb_substr(trim($request->string($filter)->value()), 0, self::LONGEST);
        }

        return $chosen;
    }
}
