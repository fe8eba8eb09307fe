<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Care\DataTransfer\RecordTransfer;
use App\Http\Controllers\Controller;
use App\Http\Requests\Api\ApiRecordRequest;
use App\Http\Resources\ClientResource;
use App\Http\Resources\Tagged;
use App\Models\Head;
use Illuminate\Http\JsonResponse;

/** A client's care record, whole: as it is exported by hand, and taken in by hand. */
final class RecordsController extends Controller
{
    public function __construct(private readonly RecordTransfer $recordTransfer)
    {
    }

    public function show(Head $head): JsonResponse
    {
        return JsonResponse::fromJsonString($this->recordTransfer->export($head));
    }

    public function store(ApiRecordRequest $request): JsonResponse
    {
        $head = $this->recordTransfer->import($request->record(), $this->salon());

        return Tagged::answer(new ClientResource($head->refresh()), $request, 201, route('api.clients.show', $head));
    }
}
