<?php

declare(strict_types=1);

namespace App\Pages\Shared;

use BaconQrCode\Renderer\Image\SvgImageBackEnd;
use BaconQrCode\Renderer\ImageRenderer;
use BaconQrCode\Renderer\RendererStyle\RendererStyle;
use BaconQrCode\Writer;
use SensitiveParameter;

/** An address as a picture that is held before the camera of a phone: a QR code, ISO/IEC 18004. */
final readonly class ScanPicture
{
    private const PIXELS = 300;

    /** @return string SVG with its quiet zone round it, dark on what is behind it */
    public function of(#[SensitiveParameter] string $address): string
    {
        $svg = (new Writer(new ImageRenderer(new RendererStyle(self::PIXELS), new SvgImageBackEnd())))
            ->writeString($address);

        return substr($svg, (int) strpos($svg, '<svg'));
    }
}
