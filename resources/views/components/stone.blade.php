<line class="wash" x1="0" x2="0" y1="-5" y2="5"/>
@if (in_array('clarify', $kinds, true))<rect class="clarify" x="-4.5" y="-16" width="9" height="32" rx="1.5"/>@endif
@if (in_array('mask', $kinds, true))<ellipse class="mask" cx="0" cy="-7" rx="6.5" ry="4.5"/>@endif
@if (in_array('protein', $kinds, true))<path class="protein" d="M-6.5 2h13l-6.5 10z"/>@endif
@if (in_array('service', $kinds, true))<path class="service" d="M-6 22h12l-6 -10z"/>@endif
