<?php

declare(strict_types=1);

namespace App\Care\Clients;

use App\Models\ConsentPurpose;
use App\Models\Head;
use App\Models\Picture;
use DateTimeInterface;
use Illuminate\Support\Facades\DB;

/** Keeps pictures: row and file together or neither, with who agreed to it. */
final readonly class Pictures
{
    public function __construct(private Consents $consents, private PictureFiles $pictureFiles)
    {
    }

    /** @param array{string, int, int} $jpeg with width and height in pixels, as PictureIntake makes it */
    public function keep(
        Head $head,
        array $jpeg,
        DateTimeInterface $takenOn,
        string $kind,
        string $consentBy,
        string $by,
    ): Picture {
        return DB::transaction(function () use ($head, $jpeg, $takenOn, $kind, $consentBy, $by): Picture {
            $picture = (new Picture())->forceFill([
                'salon_id' => $head->salon_id, 'head_id' => $head->id, 'taken_on' => $takenOn->format('Y-m-d'),
                'kind' => $kind,
                'consent_by' => $consentBy,
                'consent_on' => $head->salon->today()->format('Y-m-d'),
                'by' => $by,
                'width' => $jpeg[1],
                'height' => $jpeg[2],
            ]);
            $picture->save();
            $this->pictureFiles->keep($picture, $jpeg[0]);
            $this->consents->give($head, ConsentPurpose::Pictures, $consentBy, $by);

            return $picture;
        });
    }
}
