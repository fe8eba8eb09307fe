<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ReactionRequest;
use App\Models\Head;
use App\Models\Reaction;
use App\Pages\Products\ProductsScreen;
use App\Wording\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** The Shelf as one head sees it: what is for it, and what its skin did. */
final class ClientProductsController extends Controller
{
    public function __construct(
        private readonly ProductsScreen $productsScreen,
    ) {
    }

    public function show(Head $head): View
    {
        return view('products.for-client', $this->productsScreen->forHead($head, $this->salon()));
    }

    public function react(ReactionRequest $request, Head $head): RedirectResponse
    {
        $reaction = new Reaction($request->columns());
        $reaction->forceFill([
            'salon_id' => $head->salon_id,
            'head_id' => $head->id,
            'by' => $this->stylist()->name,
        ])->save();

        return redirect()->route('clients.products', $head)->with(
            'said',
            Words::say('said.client-products.react'),
        );
    }
}
