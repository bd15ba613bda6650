<?php

declare(strict_types=1);

return [
    'wants' => ['not-factored-completely' => 'it is not factorised completely'],
];
