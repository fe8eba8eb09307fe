@include('errors.page', ['page' => '403'])
