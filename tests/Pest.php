<?php

declare(strict_types=1);

use Tests\Feature\FeatureTestCase;
use Tests\Malformed\MalformedTestCase;
use Tests\Strangers\StrangersTestCase;
use Tests\Together\TogetherTestCase;

pest()->extend(FeatureTestCase::class)->in('Feature');
pest()->extend(TogetherTestCase::class)->in('Together');
pest()->extend(StrangersTestCase::class)->in('Strangers');
pest()->extend(MalformedTestCase::class)->in('Malformed');
