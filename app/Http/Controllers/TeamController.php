<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\TeamPage;
use Illuminate\Contracts\View\View;

final class TeamController extends Controller
{
    public function show(): View
    {
        $page = TeamPage::of($this->salon());

        return view('house.team', $page + ['repeatability' => TeamPage::repeatability($page['pairs'])]);
    }
}
