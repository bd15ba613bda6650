<?php

declare(strict_types=1);

return ['form-factored' => 'The value is right. Here the form is the point: write it completely factorised.'];
