<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Head;
use App\Pages\History\LedgerScreen;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

final class LedgerController extends Controller
{
    public function __construct(
        private readonly LedgerScreen $ledgerScreen,
    ) {
    }

    public function show(Request $request, Head $head): View
    {
        return view(
            'history.ledger',
            $this->ledgerScreen->of(
                $head,
                $request->integer('stratum'),
                $request->integer('weeks', 4),
                $request->string('of', 'moisture')->value(),
            ),
        );
    }
}
