<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Pages\Reports\TeamScreen;
use Illuminate\Contracts\View\View;

final class TeamController extends Controller
{
    public function __construct(
        private readonly TeamScreen $teamScreen,
    ) {
    }

    public function show(): View
    {
        return view('reports.team', $this->teamScreen->of($this->salon()));
    }
}
