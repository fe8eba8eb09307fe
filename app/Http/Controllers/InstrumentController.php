<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\OnPictureRequest;
use App\Instruments\Device;
use App\Instruments\InstrumentFault;
use App\Instruments\InstrumentRegistry;
use App\Models\Head;
use Illuminate\Http\JsonResponse;

/** What Hair tests reads from devices and off pictures. */
final class InstrumentController extends Controller
{
    public function read(InstrumentRegistry $rack, Head $head, Device $device): JsonResponse
    {
        $instrument = $rack->take($device, $head);
        try {
            $instrument->open();

            return response()->json(['values' => $instrument->read()]);
        } catch (InstrumentFault $fault) {
            return response()->json(['message' => $fault->getMessage()], 409);
        } finally {
            $instrument->close();
        }
    }

    public function measure(OnPictureRequest $request, Head $head): JsonResponse
    {
        return response()->json($request->measured());
    }
}
