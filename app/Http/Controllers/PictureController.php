<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\Clients\PictureFiles;
use App\Care\Clients\Pictures;
use App\Http\Requests\PictureRequest;
use App\Models\Head;
use App\Models\Picture;
use App\Pages\Trends\PicturesPage;
use App\Wording\Words;
use DateTimeImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Before and after, private. */
final class PictureController extends Controller
{
    public function __construct(
        private readonly Pictures $pictures,
        private readonly PictureFiles $pictureFiles,
    ) {
    }

    public function index(Request $request, Head $head): View
    {
        /** @var Collection<int, Picture> $pictures */
        $pictures = Picture::query()->where('head_id', $head->id)->orderByDesc('taken_on')->orderByDesc('id')->get();

        return view('trends.pictures', new PicturesPage(
            head: $head->load(['salon', 'zoneParts', 'outlook']),
            pictures: $pictures,
            left: $pictures->firstWhere('id', $request->string('left')->value())
                ?? $pictures->where('kind', 'before')->last()
                ?? $pictures->last(),
            right: $pictures->firstWhere('id', $request->string('right')->value())
                ?? $pictures->where('kind', 'after')->first()
                ?? $pictures->first(),
        ));
    }

    public function store(PictureRequest $request, Head $head): RedirectResponse|JsonResponse
    {
        $this->pictures->keep(
            $head,
            $request->jpeg(),
            new DateTimeImmutable($request->string('taken_on')->value()),
            $request->string('kind')->value(),
            $request->string('consent_by')->value(),
            $this->stylist()->name,
        );

        $request->session()->flash('said', Words::say('said.picture.store'));

        return $request->expectsJson()
            ? response()->json(['to' => route('clients.pictures', $head)], 201)
            : redirect()->route('clients.pictures', $head);
    }

    public function show(Head $head, Picture $picture): Response
    {
        return response($this->pictureFiles->read($picture) ?? abort(404), 200, [
            'Content-Type' => 'image/jpeg',
            'Cache-Control' => 'private, no-store',
            'X-Content-Type-Options' => 'nosniff',
            'Content-Disposition' => 'inline; filename="picture.jpg"',
        ]);
    }

    public function destroy(Head $head, Picture $picture): RedirectResponse
    {
        $picture->delete();

        return redirect()->route('clients.pictures', $head)->with('said', Words::say('said.picture.destroy'));
    }
}
