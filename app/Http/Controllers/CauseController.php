<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Head;
use App\Pages\History\CauseScreen;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

final class CauseController extends Controller
{
    public function __construct(
        private readonly CauseScreen $causeScreen,
    ) {
    }

    public function show(Request $request, Head $head): View
    {
        return view('history.cause', $this->causeScreen->of($head, $request->string('of')->value()));
    }
}
