<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\DataTransfer\ProductCsv;
use App\Care\Products\Stockroom;
use App\Care\Products\TaughtIngredients;
use App\Http\Requests\MixRequest;
use App\Http\Requests\ProductRequest;
use App\Http\Requests\StockRequest;
use App\Http\Requests\TeachRequest;
use App\Models\Head;
use App\Models\Product;
use App\Models\TaughtIngredient;
use App\Pages\Products\IngredientBookScreen;
use App\Pages\Products\MixScreen;
use App\Pages\Products\ProductForm;
use App\Pages\Products\ProductFormPage;
use App\Pages\Products\ProductsScreen;
use App\Wording\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\StreamedResponse;

final class ProductsController extends Controller
{
    public function __construct(
        private readonly TaughtIngredients $taughtIngredients,
        private readonly ProductForm $productForm,
        private readonly IngredientBookScreen $ingredientBookScreen,
        private readonly MixScreen $mixScreen,
        private readonly ProductCsv $productCsv,
        private readonly ProductsScreen $productsScreen,
        private readonly Stockroom $stockroom,
    ) {
    }

    public function index(): View
    {
        return view('products.index', $this->productsScreen->shelf($this->salon()));
    }

    public function create(Request $request): View
    {
        $head = is_string($request->query('head')) ? Head::query()->find($request->query('head')) : null;

        return view(
            'products.form',
            new ProductFormPage(product: new Product(['kind' => 'shampoo', 'claims' => []]), head: $head, seen: null),
        );
    }

    public function store(ProductRequest $request): RedirectResponse
    {
        $product = new Product($request->columns());
        $product->salon_id = $this->salon()->id;
        $product->save();
        if ($product->size_ml !== null && $product->head_id === null) {
            $this->stockroom->bought($product, $product->size_ml, $this->stylist()->name);
        }

        $others = Product::query()
            ->where('salon_id', $product->salon_id)
            ->where('head_id', $product->head_id)
            ->where('name', $product->name)
            ->whereKeyNot($product->id);

        return redirect()->route('products.show', $product)->with('said', Words::say(
            $others->exists() ? 'said.products.store-namesake' : 'said.products.store',
        ));
    }

    public function show(Product $product): View
    {
        return view('products.show', $this->productsScreen->of($product, $this->salon()));
    }

    public function edit(Product $product): View
    {
        return view(
            'products.form',
            new ProductFormPage(
                product: $product,
                head: $product->head_id === null ? null : Head::query()->find($product->head_id),
                seen: $this->productForm->seen($product),
            ),
        );
    }

    public function update(ProductRequest $request, Product $product): RedirectResponse
    {
        $product->update($request->columns());

        return redirect()->route('products.show', $product)->with('said', Words::say('said.products.update'));
    }

    public function destroy(Product $product): RedirectResponse
    {
        $product->delete();

        return redirect()->route('products')
            ->with('said', Words::say('said.products.destroy', ['name' => $product->name]));
    }

    public function stock(StockRequest $request, Product $product): RedirectResponse
    {
        $amount = $request->float('amount');
        $how = $request->string('how')->value();
        if ($how === 'level' && $product->size_ml === null) {
            throw ValidationException::withMessages([
                'amount' => Words::say('said.products.stock'),
            ]);
        }
        if ($how === 'bought') {
            $this->stockroom->bought($product, $amount, $this->stylist()->name);
        } else {
            // A gram of a water-based product is a millilitre, near enough for a bottle.
            $this->stockroom->counted(
                $product,
                $how === 'level' ? $amount / 100 * ($product->size_ml ?? 0.0) : $amount,
                $this->stylist()->name,
            );
        }

        return redirect()->route('products.show', $product)->with('said', Words::say('said.shared.counted'));
    }

    public function recall(Request $request, Product $product): RedirectResponse
    {
        $request->validate(
            ['because' => ['required', 'string', 'max:400']],
            ['because.*' => Words::say('said.products.recall')],
        );
        $because = $request->string('because')->value();
        $product->update(['recalled_on' => $this->salon()->today()->format('Y-m-d'), 'recalled_because' => $because]);

        return redirect()->route('products.show', $product)->with('said', Words::say('said.products.recall-2'));
    }

    public function release(Product $product): RedirectResponse
    {
        $product->update(['recalled_on' => null, 'recalled_because' => null]);

        return redirect()->route('products.show', $product)->with('said', Words::say('said.products.release'));
    }

    public function teach(TeachRequest $request): RedirectResponse
    {
        $this->taughtIngredients->teach(
            $this->salon(),
            $request->string('name')->value(),
            $request->filled('also') ? [$request->string('also')->value()] : [],
            [$request->string('function')->value()],
            $request->string('strength')->value(),
            $this->stylist()->name,
        );

        return back()->with('said', Words::say('said.products.teach'));
    }

    public function book(Request $request): View
    {
        return view(
            'products.ingredients',
            $this->ingredientBookScreen->of(
                $this->salon(),
                $request->string('search')->value(),
                $request->string('function')->value(),
            ),
        );
    }

    public function forget(int $taught): RedirectResponse
    {
        $this->taughtIngredients->forget(
            $this->salon(),
            TaughtIngredient::query()->where('salon_id', $this->salon()->id)->findOrFail($taught),
        );

        return back()->with('said', Words::say('said.products.forget'));
    }

    public function mix(MixRequest $request): View
    {
        return view('products.mix', $this->mixScreen->of($request->mix(), $request->string('title')->value()));
    }

    public function csv(): StreamedResponse
    {
        activity()->log('products-exported');

        return response()->streamDownload(
            fn () => $this->productCsv->write($this->salon()),
            'products.csv',
            ['Content-Type' => 'text/csv; charset=utf-8'],
        );
    }

    public function import(Request $request): RedirectResponse
    {
        $request->validate(
            ['file' => ['required', 'file', 'max:2048']],
            ['file.*' => Words::say('said.products.import')],
        );
        $file = $request->file('file');
        $count = $this->productCsv->read(
            $file instanceof UploadedFile ? $file->getContent() : '',
            $this->salon(),
            $this->stylist()->name,
        );

        return redirect()->route('products')->with('said', trans_choice('said.products.taken-in', $count));
    }
}
