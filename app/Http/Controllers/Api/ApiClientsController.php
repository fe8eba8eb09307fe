<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Care\Clients\UnseenClients;
use App\Exceptions\ApiRefusal;
use App\Http\Controllers\Controller;
use App\Http\Requests\Api\ApiClientRequest;
use App\Http\Requests\Api\ClientListRequest;
use App\Http\Resources\ClientResource;
use App\Http\Resources\Tagged;
use App\Models\Head;
use App\Wording\ClientName;
use App\Wording\Words;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Who the clients are and how they are reached. */
final class ApiClientsController extends Controller
{
    private const AT_ONCE = 100;

    public function __construct(private readonly UnseenClients $unseenClients)
    {
    }

    public function index(ClientListRequest $request): JsonResponse
    {
        $heads = Head::query()->where('salon_id', $this->salon()->id)->orderBy('id');
        if ($request->filled('name')) {
            $heads->where('name', 'like', '%' . addcslashes($request->string('name')->value(), '%_\\') . '%');
        }
        if ($request->changedSince() !== null) {
            $heads->where('updated_at', '>=', $request->changedSince());
        }
        $page = $heads->cursorPaginate(self::AT_ONCE)->withQueryString();

        return new JsonResponse([
            'data' => array_map(
                static fn (Head $head): array => (new ClientResource($head))->toArray($request),
                $page->items(),
            ),
            'next' => $page->nextPageUrl(),
        ]);
    }

    public function show(Request $request, Head $head): JsonResponse
    {
        return Tagged::answer(new ClientResource($head), $request);
    }

    /** @throws ApiRefusal where somebody of that name is here already */
    public function store(ApiClientRequest $request): JsonResponse
    {
        $columns = $request->columns();
        $head = $this->unseenClients->addressed($this->salon(), $columns, $request->boolean('another'))
            ?? throw ApiRefusal::because(409, Words::say('api.client-there', [
                'name' => ClientName::shown($columns['name']),
            ]));

        return Tagged::answer(new ClientResource($head), $request, 201, route('api.clients.show', $head));
    }

    /** @throws ApiRefusal where it was changed since it was read */
    public function update(ApiClientRequest $request, Head $head): JsonResponse
    {
        SeenVersion::orRefuse($request, new ClientResource($head));
        $head->update($request->columns());

        return Tagged::answer(new ClientResource($head), $request);
    }
}
